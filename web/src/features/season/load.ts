import type { Schemas } from '../../api/client';

export type Job = Schemas['JobItem'];
export type Week = Schemas['LoadWeek'];

const HOUR = 60;

/** "7 h", "50 min", "7 h 20": minutes of people. */
export function hoursWords(minutes: number): string {
  const h = Math.floor(minutes / HOUR);
  const m = Math.round(minutes % HOUR);
  if (h === 0) return `${m} min`;
  return m === 0 ? `${h} h` : `${h} h ${m}`;
}

/** What a week holds: with a plan what is planned, before one what is wanted. */
export const filled = (w: Week): number => w.planned + w.driving;

/** By so much a week is over its brim; 0 where it is not. */
export const over = (w: Week, minutes: number): number => Math.max(0, minutes - w.capacity);

export interface Bar {
  week: Week;
  x: number;
  /** Heights over the floor, in the units of the drawing. */
  rim: number;
  wanted: number;
  planned: number;
}

/** Weeks side by side, to one scale: as high as the fullest, of another year beside them too. */
export function bars(weeks: Week[], width: number, height: number, others: Week[] = []): Bar[] {
  const most = Math.max(1, ...[...weeks, ...others].flatMap((w) => [w.capacity, w.wanted, filled(w)]));
  const each = width / Math.max(1, weeks.length);
  const y = (minutes: number) => (minutes / most) * height;
  return weeks.map((week, i) => ({ week, x: i * each, rim: y(week.capacity), wanted: y(week.wanted), planned: y(filled(week)) }));
}

/** Weeks that the name of a month takes, with its year and without. */
const NAMED = { year: 3, month: 2 };

/** The first week of each month, for the line below, and as what it is named: not at all where the next one follows too soon. */
export function months(weeks: Week[]): { index: number; month: string; named: 'year' | 'month' | null }[] {
  const starts = weeks.flatMap(({ first }, index) => (index > 0 && weeks[index - 1]?.first.slice(0, 7) === first.slice(0, 7) ? [] : [{ index, month: first.slice(0, 7) }]));
  let yearTold = false;
  return starts.map(({ index, month }, i) => {
    const room = (starts[i + 1]?.index ?? weeks.length) - index;
    const as = !yearTold || month.endsWith('-01') ? 'year' : 'month';
    const named = room >= NAMED[as] ? as : null;
    yearTold ||= named === 'year';
    return { index, month, named };
  });
}

/** Weeks that would be over their brim. */
export const crowded = (weeks: Week[]): Week[] => weeks.filter((w) => over(w, w.wanted) > 0);

/** A day's lateness of a job, in minutes of driving, by the team's weights. */
export function lateWeight(urgency: string, weights: Schemas['Weights']): number {
  if (urgency === 'NOW') return weights.lateNow;
  return urgency === 'SOON' ? weights.lateSoon : weights.late;
}

/** What putting a job off by a week costs, in words. */
export const costOfAWeek = (job: Job, weights: Schemas['Weights']): string => hoursWords(7 * lateWeight(job.urgency, weights));

const KINDS: Record<string, string> = {
  REPOT: 'Repot',
  SLIP_CHECK: 'Slip check',
  FOLLOW_UP: 'Follow-up',
  WATER_IN: 'Water in',
  TOP_UP: 'Top up',
  TREATMENT: 'Treatment',
};

const PLACES: Record<string, string> = { COLLECT: 'fetch it', BENCH: 'on the bench', RETURN: 'bring it back' };

/** "Repot", "Repot, on the bench". */
export function kindWords(job: { kind: string; place: string }): string {
  const kind = KINDS[job.kind] ?? job.kind;
  const place = PLACES[job.place];
  return place ? `${kind}, ${place}` : kind;
}

const SOURCES: Record<string, string> = { CALL: 'by its call', FORECAST: 'by its forecast: full by then', CARE: 'after its repot', HAND: 'added by hand' };

export const sourceWords = (source: string): string => SOURCES[source] ?? source;

const SKILLS: Record<string, string> = { TRAINED_TREES: 'Trained trees', ROOT_CUTTING: 'Cutting roots', TREATMENTS: 'Treatments' };
export const SKILL_CODES = ['ROOT_CUTTING', 'TREATMENTS', 'TRAINED_TREES'] as const;
export const skillWords = (skill: string): string => SKILLS[skill] ?? skill;

const URGENT_FIRST = ['NOW', 'SOON', 'THIS_WINDOW', 'NEXT_WINDOW'];
const rank = (j: Job): number => (URGENT_FIRST.indexOf(j.urgency) + URGENT_FIRST.length) % URGENT_FIRST.length;

/** What presses most first, then by its best day; what follows another job goes with it. */
export const leading = (jobs: Job[]): Job[] =>
  jobs.filter((j) => j.afterId === null).sort((a, b) => rank(a) - rank(b) || a.idealOn.localeCompare(b.idealOn) || a.label.localeCompare(b.label));

/** What waits for something before it can be planned, what waits for a plan, and what is late. */
export function waiting(jobs: Job[]): { blocked: Job[]; unplanned: Job[]; late: Job[] } {
  const open = jobs.filter((j) => j.plannedOn === null);
  return {
    blocked: leading(open.filter((j) => j.blocked !== null)),
    unplanned: leading(open.filter((j) => j.blocked === null)),
    late: jobs.filter((j) => j.plannedOn !== null && j.daysLate > 0).sort((a, b) => b.daysLate - a.daysLate),
  };
}

/** The plan as it stands, in the figures that one is compared by. */
export interface Now {
  planned: number;
  late: number;
  driving: number;
  full: number;
}

export const standing = (jobs: Job[], weeks: Week[]): Now => ({
  planned: jobs.filter((j) => j.plannedOn !== null && j.leadId !== null).length,
  late: jobs.filter((j) => j.plannedOn !== null && j.leadId !== null && j.daysLate > 0).length,
  driving: weeks.reduce((sum, w) => sum + w.driving, 0),
  full: weeks.filter((w) => over(w, filled(w)) > 0).length,
});

/** Both, line by line. */
export function beside(now: Now, then: Schemas['RunOutcome']): { words: string; now: string; then: string }[] {
  const driving = then.weeks.reduce((sum, w) => sum + w.driving, 0);
  const full = then.weeks.filter((w) => over(w, filled(w)) > 0).length;
  return [
    { words: 'Jobs with a day and a crew', now: String(now.planned), then: String(then.planned) },
    { words: 'of them after their best day', now: String(now.late), then: String(then.late) },
    { words: 'Weeks over the brim', now: String(now.full), then: String(full) },
    { words: 'On the road, all people', now: hoursWords(now.driving), then: hoursWords(driving) },
  ];
}
