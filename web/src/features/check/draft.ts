import type { Tapped } from './signs';

export interface Pour {
  /** Of the watering it is logged as: sent again it counts once. */
  id: string;
  litres: number;
  runOffLitres: number;
  /** It is a watering of today as well. */
  log: boolean;
}

/** A check as tapped so far; kept while the tab lives, so that a reload or a wrong turn loses nothing. */
export interface Draft {
  /** Of the check that is being tapped: it stays through a reload, so that one sent again counts once. */
  checkId: string | null;
  tapped: Tapped;
  /** Null while nobody has touched them. */
  states: string[] | null;
  note: string;
  heightMm: number | null;
  spreadMm: number | null;
  /** When the stopwatch of a pour was started, ms; it runs on through a reload. */
  pouredAt: number | null;
  /** What was poured and came out, where that was measured. */
  pour: Pour | null;
  /** As it was typed; empty where it was not weighed. */
  weight: string;
  slipped: boolean;
  /** Local date and time, null for now. */
  when: string | null;
  /** Null while they are counted. */
  minutes: number | null;
  startedAt: number | null;
}

export const EMPTY: Draft = {
  checkId: null, tapped: {}, states: null, note: '', heightMm: null, spreadMm: null, pouredAt: null, pour: null, weight: '', slipped: false, when: null, minutes: null, startedAt: null,
};

const key = (plant: string) => `check-draft-${plant}`;

export function readDraft(plant: string): Draft {
  try {
    const stored = sessionStorage.getItem(key(plant));
    if (stored) return { ...EMPTY, ...(JSON.parse(stored) as Partial<Draft>) };
  } catch {
    sessionStorage.removeItem(key(plant));
  }
  return EMPTY;
}

export function keepDraft(plant: string, draft: Draft) {
  try {
    sessionStorage.setItem(key(plant), JSON.stringify(draft));
  } catch {
    // Storage may be full or forbidden; the draft then lives only on its page.
  }
}

export const dropDraft = (plant: string) => sessionStorage.removeItem(key(plant));

/** Nothing was seen, said or measured. */
export const isBlank = (d: Draft): boolean =>
  Object.keys(d.tapped).length === 0 && d.states === null && d.note.trim() === '' && d.heightMm === null && d.spreadMm === null && d.weight.trim() === '';

/** Whole minutes taken, at least one. */
export const minutesTaken = (d: Draft, now: number): number =>
  d.minutes ?? (d.startedAt === null ? 1 : Math.max(1, Math.min(240, Math.round((now - d.startedAt) / 60_000))));

/** Steps of a height: finer for small plants. */
export function heightStep(mm: number, by: number): number {
  const step = mm < 400 ? 10 : mm < 1000 ? 25 : 50;
  return Math.max(10, Math.min(20_000, Math.round(mm / step + by) * step));
}
