import type { Schemas } from '../../api/client';

export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** Offered first; any other can be written. */
export const CURRENCIES = ['EUR', 'GBP', 'USD', 'CHF', 'SEK', 'NOK', 'DKK', 'PLN', 'CAD', 'AUD', 'JPY'];

export interface SettingsForm {
  name: string;
  zone: string;
  currency: string;
  paper: string;
  units: string;
  weekStarts: string;
  workshopLatitude: string;
  workshopLongitude: string;
  workHour: string;
  mixLitre: string;
  workLeast: string;
  measures: { key: number; name: string; litres: string }[];
}

const CENTS = 100;
const money = (cents: number | null): string => (cents === null ? '' : (cents / CENTS).toFixed(2));

export const formOf = (s: Schemas['SettingsView']): SettingsForm => ({
  name: s.name,
  zone: s.zone,
  currency: s.currency,
  paper: s.paper,
  units: s.units,
  weekStarts: String(s.weekStarts),
  workshopLatitude: s.workshopLatitude === null ? '' : String(s.workshopLatitude),
  workshopLongitude: s.workshopLongitude === null ? '' : String(s.workshopLongitude),
  workHour: money(s.workHourCents),
  mixLitre: money(s.mixLitreCents),
  workLeast: money(s.workLeastCents),
  measures: s.measures.map((m, key) => ({ key, name: m.name, litres: String(m.litres) })),
});

const number = (text: string): number => (/^-?\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : NaN);

/** What is sent, or what cannot be read, by field; all of it at once. */
export function readSettings(form: SettingsForm): { request: Schemas['SettingsRequest'] | null; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {};
  const degrees = (key: 'workshopLatitude' | 'workshopLongitude') => {
    if (form[key].trim() === '') return null;
    const value = number(form[key]);
    if (Number.isNaN(value)) wrong[key] = 'Write degrees like 44.02; south and west with a minus.';
    return value;
  };
  const [workshopLatitude, workshopLongitude] = [degrees('workshopLatitude'), degrees('workshopLongitude')];
  const cents = (key: 'workHour' | 'mixLitre' | 'workLeast') => {
    if (form[key].trim() === '') return null;
    const value = number(form[key]);
    if (Number.isNaN(value) || value < 0) wrong[key] = 'Write a price like 42.00, or leave it empty.';
    return Math.round(value * CENTS);
  };
  const [workHourCents, mixLitreCents, workLeastCents] = [cents('workHour'), cents('mixLitre'), cents('workLeast')];
  if (form.name.trim() === '') wrong.name = 'Give the team a name.';
  const measures = form.measures.map((m, i) => {
    const litres = number(m.litres);
    if (Number.isNaN(litres)) wrong[`measures.${i}.litres`] = 'Write its litres like 0.25.';
    if (m.name.trim() === '') wrong[`measures.${i}.name`] = 'Give it a name.';
    return { name: m.name.trim(), litres };
  });
  if (Object.keys(wrong).length > 0) return { request: null, wrong };
  return {
    request: {
      name: form.name.trim(),
      zone: form.zone,
      currency: form.currency.trim().toUpperCase(),
      paper: form.paper,
      units: form.units === 'IMPERIAL' ? 'IMPERIAL' : 'METRIC',
      weekStarts: Number(form.weekStarts),
      workshopLatitude,
      workshopLongitude,
      workHourCents,
      mixLitreCents,
      workLeastCents,
      measures,
    },
    wrong,
  };
}
