/** Prices are kept in hundredths; whose money it is, everybody here knows. */
export const price = (cents: number | null): string => (cents === null ? '–' : (cents / 100).toFixed(2));

/** Reads "4.90" or "4,9"; null when it is no price, undefined when nothing is written. */
export function readPrice(text: string): number | null | undefined {
  if (text.trim() === '') return undefined;
  const match = /^\s*(\d{1,5})(?:[.,](\d{1,2}))?\s*$/.exec(text);
  if (!match) return null;
  return Number(match[1]) * 100 + Number((match[2] ?? '').padEnd(2, '0'));
}
