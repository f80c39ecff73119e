import { weekOf } from '../../ui/format';

/** Jobs grouped by the first day of their week, in order; weeks without a job are left out. */
export function byWeek<T extends { plannedOn: string; minutes: number }>(
  jobs: T[],
  starts = 1,
): { first: string; jobs: T[]; minutes: number }[] {
  const weeks = new Map<string, T[]>();
  for (const job of [...jobs].sort((a, b) => a.plannedOn.localeCompare(b.plannedOn))) {
    const key = weekOf(job.plannedOn, starts);
    weeks.set(key, [...(weeks.get(key) ?? []), job]);
  }
  return [...weeks].map(([key, list]) => ({
    first: key,
    jobs: list,
    minutes: list.reduce((sum, j) => sum + j.minutes, 0),
  }));
}

export function hours(minutes: number): string {
  const h = Math.floor(minutes / 60);
  const m = minutes % 60;
  if (h === 0) return `${m} min`;
  return m === 0 ? `${h} h` : `${h} h ${m} min`;
}
