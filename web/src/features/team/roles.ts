import type { Schemas } from '../../api/client';

export type Role = Schemas['Member']['role'];

export const ROLES: { role: 'PLANNER' | 'TECHNICIAN' | 'COUNTER'; name: string; may: string }[] = [
  { role: 'PLANNER', name: 'Planner', may: 'does everything: people, settings, the book and the method as well' },
  { role: 'TECHNICIAN', name: 'Technician', may: 'walks the round, logs checks and waterings, works the bench, keeps plants and shelf' },
  { role: 'COUNTER', name: 'Counter', may: 'serves customers at the counter, looks everything up, asks for calls, takes a plant in; changes nothing else' },
];

export const roleName = (role: string): string => ROLES.find((r) => r.role === role)?.name ?? role;

/** An account to begin with: the first name in small letters, without accents. */
export function accountOf(name: string, taken: string[]): string {
  const first = (name.trim().split(/\s+/)[0] ?? '')
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]/g, '')
    .slice(0, 50);
  if (first.length < 2 || !taken.includes(first)) return first;
  let n = 2;
  while (taken.includes(`${first}${n}`)) n++;
  return `${first}${n}`;
}
