import { newId, type Schemas } from '../../api/client';
import { readTime } from '../../ui/dates';
import { clockTime } from '../../ui/format';
import { WEEKDAYS } from '../client/words';
import { SKILL_CODES } from './load';

type Crew = Schemas['CrewView'];

export interface CrewForm {
  name: string;
  vanLitres: number | string;
  vanKg: number | string;
  skills: Record<string, boolean>;
  people: { id: string; name: string; userId: string | null }[];
  days: { on: boolean; begins: string; ends: string }[];
  endedOn: string;
}

export const formOf = (crew: Crew | null): CrewForm => ({
  name: crew?.name ?? '',
  vanLitres: crew?.vanLitres ?? 600,
  vanKg: crew?.vanKg ?? 300,
  skills: Object.fromEntries(SKILL_CODES.map((s) => [s, crew?.skills.includes(s) ?? false])),
  people: crew?.people.map((p) => ({ id: p.id, name: p.name, userId: p.userId })) ?? [{ id: newId(), name: '', userId: null }],
  days: WEEKDAYS.map((_, i) => {
    const hours = crew?.hours.find((h) => h.weekday === i + 1);
    return { on: hours !== undefined, begins: clockTime(hours?.begins ?? '08:00'), ends: clockTime(hours?.ends ?? '16:00') };
  }),
  endedOn: crew?.endedOn ?? '',
});

/** What is to be mended, by field of the form; or what is sent, with the rows its days stand in. */
export function readCrew(form: CrewForm): { wrong: Record<string, string>; request: Schemas['CrewRequest'] | null; rows: number[] } {
  const wrong: Record<string, string> = {};
  const rows = form.days.flatMap((d, i) => (d.on ? [i] : []));
  if (form.name.trim() === '') wrong.name = 'Give the crew a name.';
  form.people.forEach((p, i) => {
    if (p.name.trim() === '') wrong[`people.${i}.name`] = 'Give the name.';
  });
  const hours = rows.map((i) => {
    const begins = readTime(form.days[i]?.begins ?? '');
    const ends = readTime(form.days[i]?.ends ?? '');
    if (!begins) wrong[`days.${i}.begins`] = `Write an hour like ${clockTime('08:00')}.`;
    if (!ends) wrong[`days.${i}.ends`] = `Write an hour like ${clockTime('16:00')}.`;
    return { weekday: i + 1, begins: begins ?? '', ends: ends ?? '' };
  });
  const whole = (value: number | string, field: string): number => {
    const n = typeof value === 'number' ? value : Number.NaN;
    if (!Number.isFinite(n) || n < 0) wrong[field] = 'Give a number, 0 for none.';
    return Math.round(n);
  };
  const request = {
    name: form.name.trim(),
    vanLitres: whole(form.vanLitres, 'vanLitres'),
    vanKg: whole(form.vanKg, 'vanKg'),
    skills: SKILL_CODES.filter((s) => form.skills[s]),
    people: form.people.map((p) => ({ ...p, name: p.name.trim() })),
    hours,
    endedOn: form.endedOn || null,
  };
  return { wrong, request: Object.keys(wrong).length > 0 ? null : request, rows };
}
