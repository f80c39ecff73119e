/** The words are English; the order of a date, the hours and the figures are those of the reader's own device. */
export function datesFor(language: string) {
  const locale = wordsOf(language);
  const format = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(locale, options);
  return {
    day: format({ day: 'numeric', month: 'short', timeZone: 'UTC' }),
    dayYear: format({ day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }),
    weekday: format({ weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' }),
    moment: format({ weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }),
    hour: format({ hour: '2-digit', minute: '2-digit' }),
    clock: format({ hour: '2-digit', minute: '2-digit', timeZone: 'UTC' }),
    count: new Intl.NumberFormat(locale),
  };
}

/** English as it is written where this language is at home. */
export function wordsOf(language: string): string {
  try {
    return `en-${new Intl.Locale(language).maximize().region ?? 'GB'}`;
  } catch {
    return 'en-GB';
  }
}

const parts = (language: string) =>
  new Intl.DateTimeFormat(safe(language), { year: 'numeric', month: '2-digit', day: '2-digit', calendar: 'gregory', numberingSystem: 'latn', timeZone: 'UTC' }).formatToParts(
    new Date('2027-04-12T00:00:00Z'),
  );

function safe(language: string): string {
  try {
    return new Intl.Locale(language).toString();
  } catch {
    return 'en-GB';
  }
}

const LETTERS: Partial<Record<Intl.DateTimeFormatPartTypes, string>> = { day: 'DD', month: 'MM', year: 'YYYY' };

/** How a date is written in figures there: "DD.MM.YYYY". */
export const figuresOf = (language: string): string => {
  const [pattern] = parts(language)
    .map((p) => LETTERS[p.type] ?? p.value)
    .join('')
    // some languages end a date with a mark of their own
    .split(/[^-/. DMY]/);
  return (pattern ?? '').trim().replace(/\.$/, '') || 'DD/MM/YYYY';
};

/** Reads "8", "8:30", "08.30", "8 pm" as HH:mm; null when it is no hour. */
export function readTime(text: string): string | null {
  const match = /^\s*(\d{1,2})(?:\s*[:.h]\s*(\d{2}))?\s*(?:([ap])\.?m\.?)?\s*$/i.exec(text);
  if (!match?.[1]) return null;
  const half = match[3]?.toLowerCase();
  const written = Number(match[1]);
  if (half && (written < 1 || written > 12)) return null;
  const hours = half ? (written % 12) + (half === 'p' ? 12 : 0) : written;
  const minutes = Number(match[2] ?? 0);
  return hours > 23 || minutes > 59 ? null : `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}

/**
 * Reads a date in figures in the order of this language, whatever stands between them; a year that leads is always one.
 * Null when it is no date.
 */
export function readDate(text: string, language: string): string | null {
  const figures = text.trim().split(/[^0-9]+/).filter(Boolean);
  if (figures.length !== 3) return null;
  const order = figures[0]?.length === 4 ? ['YYYY', 'MM', 'DD'] : (figuresOf(language).match(/[DMY]+/g) ?? []);
  const of = (letters: string) => figures[order.indexOf(letters)] ?? '';
  const year = of('YYYY').length === 2 ? `20${of('YYYY')}` : of('YYYY');
  const iso = `${year.padStart(4, '0')}-${of('MM').padStart(2, '0')}-${of('DD').padStart(2, '0')}`;
  const date = new Date(`${iso}T00:00:00Z`);
  return Number.isNaN(date.getTime()) || date.toISOString().slice(0, 10) !== iso ? null : iso;
}
