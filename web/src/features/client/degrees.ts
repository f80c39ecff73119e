/** Degrees as they are written, with a point or a comma. */
export const readDegrees = (text: string): number => Number(text.trim().replace(',', '.'));

/** What is wrong with degrees of at most this much, null when nothing is. */
export function degreesFault(text: string, most: number): string | null {
  if (!/^-?\d+([.,]\d+)?$/.test(text.trim())) return 'Write degrees like 44.02; south and west with a minus.';
  return Math.abs(readDegrees(text)) > most ? `Must be between -${most} and ${most}.` : null;
}
