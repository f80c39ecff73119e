import type { Schemas } from '../../api/client';
import { readTime } from '../../ui/dates';
import { clockTime } from '../../ui/format';
import { WEEKDAYS } from './words';

type Plan = Schemas['VisitPlan'];

const dayName = (weekday: number): string => WEEKDAYS[weekday - 1] ?? '';

/** "08:30 to 12:00", "from 08:30", "until 12:00"; empty where it does not matter. */
export function hoursWords(opens: string | null, closes: string | null): string {
  if (opens && closes) return `${clockTime(opens)} to ${clockTime(closes)}`;
  if (opens) return `from ${clockTime(opens)}`;
  return closes ? `until ${clockTime(closes)}` : '';
}

/** "Every 2 weeks, Monday and Thursday". */
export function planWords({ everyWeeks, days }: Plan): string {
  if (days.length === 0) return 'Only for planned jobs';
  const names = days.map((d) => dayName(d.weekday));
  const last = names.at(-1) ?? '';
  const list = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${last}` : last;
  return everyWeeks === 1 ? `Every ${list}` : `Every ${everyWeeks} weeks, ${list}`;
}

/** Each day with its hours, those without left out. */
export const openWords = ({ days }: Plan): string[] =>
  days.flatMap((d) => {
    const hours = hoursWords(d.opens, d.closes);
    return hours ? [`${dayName(d.weekday)} ${hours}`] : [];
  });

/** Hours as they are written. */
export interface DayForm {
  on: boolean;
  opens: string;
  closes: string;
}

const shown = (hhmm: string | null | undefined): string => (hhmm ? clockTime(hhmm) : '');

/** What is wrong with an hour that may be left empty. */
export const hourFault = (text: string): string | null =>
  text.trim() === '' || readTime(text) !== null ? null : `Write an hour like ${clockTime('08:30')}, or leave it empty.`;

export const daysOf = (plan: Plan | undefined): DayForm[] =>
  WEEKDAYS.map((_, i) => {
    const day = plan?.days.find((d) => d.weekday === i + 1);
    return { on: plan ? day !== undefined : i === 0, opens: shown(day?.opens), closes: shown(day?.closes) };
  });

/** The plan as it is sent, and under which index of the form each of its days stands. */
export function planOf(everyWeeks: number, from: string, days: DayForm[]): { plan: Plan; rows: number[] } {
  const rows = days.flatMap((d, i) => (d.on ? [i] : []));
  return {
    plan: { everyWeeks, from, days: rows.map((i) => ({ weekday: i + 1, opens: readTime(days[i]?.opens ?? ''), closes: readTime(days[i]?.closes ?? '') })) },
    rows,
  };
}

const LEFT: Record<string, string> = { JOB: 'the planned work', FOLLOW_UP: 'its aftercare', CALL: 'its call', CHECK: 'a look', RECORD: 'its record' };

/** What was due at a plant when a visit ended. */
export const leftWords = (kind: string): string => LEFT[kind] ?? kind;

export const minutesBetween = (from: string, to: string): number => Math.round((new Date(to).getTime() - new Date(from).getTime()) / 60_000);
