/** Of a phone whose long edge lies along a line: the angle of that line from upright, degrees. */
export function leanOf(beta: number): number {
  // the long edge points upward by sin(beta), whichever way the phone is turned about it
  const up = Math.min(1, Math.abs(Math.sin((beta * Math.PI) / 180)));
  return (Math.acos(up) * 180) / Math.PI;
}

/** So many readings are looked at; the middle one is taken, so that a shake does not count. */
export const KEPT = 15;

export function middle(readings: number[]): number | null {
  const sorted = [...readings].sort((a, b) => a - b);
  return sorted.length === 0 ? null : (sorted[Math.floor(sorted.length / 2)] ?? null);
}

/** Half of what the readings differ by, at least what a sensor can tell, degrees. */
export const spreadOf = (readings: number[]): number => (readings.length === 0 ? 1 : Math.max(1, (Math.max(...readings) - Math.min(...readings)) / 2));

/** The share of a pour that stayed; null where more came out than went in, or nothing went in. */
export const retained = (poured: number | null, caught: number | null): number | null =>
  poured === null || caught === null || poured <= 0 || caught > poured ? null : Math.round((1 - caught / poured) * 100) / 100;
