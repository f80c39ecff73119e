interface Ticked {
  tickedAt: string | null;
}

/** A bench that has stood for longer was left and come back to. */
const MOST_MINUTES = 6 * 60;

/** Whole minutes since the first tick; null before it, or when that was long ago. */
export function minutesSince(steps: Ticked[], now: number): number | null {
  const ticks = steps.flatMap((s) => (s.tickedAt === null ? [] : [Date.parse(s.tickedAt)]));
  if (ticks.length === 0) return null;
  const minutes = Math.round((now - Math.min(...ticks)) / 60_000);
  return minutes >= 1 && minutes <= MOST_MINUTES ? minutes : null;
}
