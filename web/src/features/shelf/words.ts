import { wordsOf } from '../../ui/dates';
/** Prices are kept in hundredths. */
export const amount = (cents: number): string => (cents / 100).toFixed(2);

/** In the team's money, as this device writes it. */
export const price = (cents: number | null, currency: string): string =>
  cents === null ? '–' : new Intl.NumberFormat(wordsOf(navigator.language), { style: 'currency', currency, currencyDisplay: 'narrowSymbol' }).format(cents / 100);

/** Reads "4.90" or "4,9"; null when it is no price, undefined when nothing is written. */
export function readPrice(text: string): number | null | undefined {
  if (text.trim() === '') return undefined;
  const match = /^\s*(\d{1,5})(?:[.,](\d{1,2}))?\s*$/.exec(text);
  if (!match) return null;
  return Number(match[1]) * 100 + Number((match[2] ?? '').padEnd(2, '0'));
}
