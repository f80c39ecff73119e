export interface Measure {
  name: string;
  litres: number;
}

const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

/** The least of a measure that can be judged by eye. */
const QUARTER = 0.25;

const plural = (name: string, count: number) => (count <= 1 ? name : name.endsWith('s') ? name : `${name}s`);

/**
 * An amount in what a caretaker pours with, to the half, under one to the quarter: "one can and a half", "half a cup". The largest measure
 * that is filled at least once, else the smallest; null where none suits.
 */
export function inMeasures(litres: number, measures: Measure[]): string | null {
  if (litres <= 0 || measures.length === 0) return null;
  const bySize = [...measures].sort((a, b) => b.litres - a.litres);
  const fits = bySize.find((m) => litres >= m.litres * (1 - QUARTER / 2)) ?? bySize[bySize.length - 1];
  if (!fits) return null;
  const exact = litres / fits.litres;
  if (exact < 1 - QUARTER / 2) {
    const quarters = Math.max(1, Math.round(exact / QUARTER));
    return quarters === 1 ? `a quarter of a ${fits.name}` : quarters === 2 ? `half a ${fits.name}` : `three quarters of a ${fits.name}`;
  }
  const halves = Math.round(exact * 2);
  const whole = Math.floor(halves / 2);
  if (whole >= NUMBERS.length) return null;
  return `${NUMBERS[whole] ?? ''} ${plural(fits.name, whole)}${halves % 2 === 1 ? ' and a half' : ''}`;
}
