/** Measures and dates as people read them. The one formatter of the screens. */
import { datesFor } from './dates';

const DATES = datesFor(navigator.language);

export type Units = 'METRIC' | 'IMPERIAL';

const MM_PER_INCH = 25.4;
const LITRES_PER_QUART = 0.946353;
const OUNCES_PER_LITRE = 33.814;
const GRAMS_PER_POUND = 453.592;

export interface Measured {
  value: string;
  unit: string;
}

const trim = (n: number, decimals: number): string =>
  (Math.round(n * 10 ** decimals) / 10 ** decimals).toString();

export function length(mm: number, units: Units): Measured {
  if (units === 'IMPERIAL') return { value: trim(Math.round((mm / MM_PER_INCH) * 4) / 4, 2), unit: 'in' };
  return Math.abs(mm) < 100
    ? { value: trim(mm, 0), unit: 'mm' }
    : { value: trim(mm / 10, Math.abs(mm) < 1000 ? 1 : 0), unit: 'cm' };
}

/** Always in cm or inches: for columns and inputs. */
export function width(mm: number, units: Units): Measured {
  return units === 'IMPERIAL'
    ? { value: trim(mm / MM_PER_INCH, 1), unit: 'in' }
    : { value: trim(mm / 10, 1), unit: 'cm' };
}

/** Less than this is measured in a cup, as the sentences of the core do. */
const MILLILITRES_BELOW = 0.095;

export function litres(l: number, units: Units): Measured {
  if (units === 'IMPERIAL') {
    return l < LITRES_PER_QUART
      ? { value: trim(l * OUNCES_PER_LITRE, 0), unit: 'fl oz' }
      : { value: trim(l / LITRES_PER_QUART, 1), unit: 'qt' };
  }
  if (l < MILLILITRES_BELOW) return { value: trim(Math.round(l * 200) * 5, 0), unit: 'ml' };
  return l < 1 ? { value: trim(Math.round(l * 20) / 20, 2), unit: 'L' } : { value: trim(l, 1), unit: 'L' };
}

export function mass(g: number, units: Units): Measured {
  if (units === 'IMPERIAL') return { value: trim(g / GRAMS_PER_POUND, 1), unit: 'lb' };
  return g < 1000 ? { value: trim(g, 0), unit: 'g' } : { value: trim(g / 1000, 1), unit: 'kg' };
}

const STEPS = [1, 1.2, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10];

/** The nearest round number, by ratio: what a model worked out has no more digits than it knows. */
export function round(n: number): number {
  if (n <= 0) return n;
  const scale = 10 ** Math.floor(Math.log10(n));
  const off = (step: number) => Math.abs(Math.log(n / scale / step));
  return STEPS.reduce((best, step) => (off(step) < off(best) ? step : best)) * scale;
}

/** A mass that was reckoned, not weighed. */
export const aboutMass = (g: number, units: Units): Measured =>
  units === 'IMPERIAL' ? mass(round(g / GRAMS_PER_POUND) * GRAMS_PER_POUND, units) : mass(round(g), units);

/** A length that was reckoned, not measured. */
export const aboutLength = (mm: number, units: Units): Measured =>
  units === 'IMPERIAL' ? length(round(mm / MM_PER_INCH) * MM_PER_INCH, units) : length(round(mm), units);

const GRAVITY = 9.81;

/** A push as people feel it: the mass that presses with that force. */
export const push = (newton: number, units: Units): Measured => aboutMass((newton / GRAVITY) * 1000, units);

export const share = (s: number): Measured => ({ value: trim(s * 100, 0), unit: '%' });

export function days(d: number | null | undefined): Measured {
  if (d === null || d === undefined) return { value: '–', unit: '' };
  return { value: d < 5 ? trim(d, 1) : trim(d, 0), unit: 'd' };
}

/** "7 to 9 days"; one figure where both ends read alike. */
export const fromTo = (from: string, to: string): string => (from === to ? from : `${from} to ${to}`);

export const say = ({ value, unit }: Measured): string => (unit ? `${value} ${unit}` : value);

const utc = (iso: string) => new Date(`${iso.slice(0, 10)}T00:00:00Z`);

export const day = (iso: string): string => DATES.day.format(utc(iso));
export const dayYear = (iso: string): string => DATES.dayYear.format(utc(iso));
export const weekday = (iso: string): string => DATES.weekday.format(utc(iso));

/** A moment on this device's clock, with the day. */
export const moment = (iso: string): string => DATES.moment.format(new Date(iso));

/** The hour of a moment on this device's clock. */
export const hour = (iso: string): string => DATES.hour.format(new Date(iso));

/** "08:30" as the reader writes an hour. */
export const clockTime = (hhmm: string): string => DATES.clock.format(new Date(`2000-01-01T${hhmm}:00Z`));

export const count = (n: number): string => DATES.count.format(n);

/** A size of files. */
export function bytes(n: number): string {
  if (n < 1e6) return `${Math.max(1, Math.round(n / 1e3))} kB`;
  return n < 1e9 ? `${trim(n / 1e6, n < 1e7 ? 1 : 0)} MB` : `${trim(n / 1e9, n < 1e10 ? 1 : 0)} GB`;
}

export function addDays(iso: string, n: number): string {
  const date = utc(iso);
  date.setUTCDate(date.getUTCDate() + n);
  return date.toISOString().slice(0, 10);
}

export const daysBetween = (from: string, to: string): number =>
  Math.round((utc(to).getTime() - utc(from).getTime()) / 86_400_000);

/** The first day of the week a day lies in; weeks start on a Monday (1) to a Sunday (7). */
export function weekOf(iso: string, starts: number): string {
  return addDays(iso, -((utc(iso).getUTCDay() + 7 - (starts % 7)) % 7));
}

const INPUT = /^\s*(\d+(?:[.,]\d+)?)\s*(mm|cm|m|in|"|ft|')?\s*$/i;

const LITRES = /^\s*(\d+(?:[.,]\d+)?)\s*(ml|l|qt|fl oz|oz|cups?)?\s*$/i;
const LITRE_UNITS: Record<string, number> = { ml: 0.001, l: 1, qt: 0.946353, 'fl oz': 0.0295735, oz: 0.0295735, cup: 0.236588, cups: 0.236588 };

/** Reads "0,8", "800 ml", "2 qt": a bare number is in the reader's own unit, L or qt. Null when it is no amount. */
export function readLitres(text: string, units: Units): number | null {
  const match = LITRES.exec(text);
  if (!match) return null;
  const unit = (match[2] ?? (units === 'IMPERIAL' ? 'qt' : 'l')).toLowerCase();
  return Math.round(Number((match[1] ?? '').replace(',', '.')) * (LITRE_UNITS[unit] ?? 1) * 10_000) / 10_000;
}

/** Reads "6 in", "15cm", "15": a bare number is in the reader's own unit. Null when it is no length. */
export function readLength(text: string, units: Units): number | null {
  const match = INPUT.exec(text);
  if (!match?.[1]) return null;
  const value = Number(match[1].replace(',', '.'));
  const factor: Record<string, number> = {
    mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, '"': MM_PER_INCH, ft: 12 * MM_PER_INCH, "'": 12 * MM_PER_INCH,
  };
  return value * (factor[(match[2] ?? (units === 'METRIC' ? 'cm' : 'in')).toLowerCase()] ?? 10);
}

/** A measure that a form opened with stays what it is stored as while its text is left alone: units round. */
export function keptLength(text: string, units: Units, stored: number | null | undefined): number | null {
  if (typeof stored === 'number' && text === say(width(stored, units))) return stored;
  const mm = readLength(text, units);
  return mm === null ? null : Math.round(mm * 10) / 10;
}

const GRAMS_PER_OUNCE = GRAMS_PER_POUND / 16;

/** Of an empty pot, to the gram: for inputs. */
export function potMass(g: number, units: Units): Measured {
  if (units === 'METRIC') return { value: trim(g, 0), unit: 'g' };
  return g < GRAMS_PER_POUND ? { value: trim(g / GRAMS_PER_OUNCE, 2), unit: 'oz' } : { value: trim(g / GRAMS_PER_POUND, 3), unit: 'lb' };
}

const MASS_INPUT = /^\s*(\d+(?:[.,]\d+)?)\s*(g|kg|oz|lb)?\s*$/i;

/** Reads "850 g", "1.2kg", "30 oz", "2 lb"; a bare number is in grams or ounces. Null when it is no mass. */
export function readMass(text: string, units: Units): number | null {
  const match = MASS_INPUT.exec(text);
  if (!match?.[1]) return null;
  const factor: Record<string, number> = { g: 1, kg: 1000, oz: GRAMS_PER_OUNCE, lb: GRAMS_PER_POUND };
  return Number(match[1].replace(',', '.')) * (factor[(match[2] ?? (units === 'METRIC' ? 'g' : 'oz')).toLowerCase()] ?? 1);
}

/** A bare number of what is heavy is meant in kg or lb. */
export const withKilos = (text: string, units: Units): string => (/^\s*\d+([.,]\d+)?\s*$/.test(text) ? `${text.trim()} ${units === 'IMPERIAL' ? 'lb' : 'kg'}` : text);

/** Reads what scales for plants say: "3.4", "3.4 kg", "7 lb". */
export const readWeight = (text: string, units: Units): number | null => readMass(withKilos(text, units), units);

export function keptMass(text: string, units: Units, stored: number | null | undefined): number | null {
  if (typeof stored === 'number' && text === say(potMass(stored, units))) return stored;
  return readMass(text, units);
}
