import { keptLength, mass, readWeight, say, width, type Units } from '../../ui/format';
import type { Schemas } from '../../api/client';

export type Level = Schemas['LevelChoice']['level'];

/** What this very level chose for whom it is asked. */
export const chosenAt = (choices: Schemas['LevelChoice'][], level: Level, target: string, key: string) =>
  choices.find((c) => c.level === level && c.target === target && c.key === key) ?? null;

/** What the team chose, which holds wherever nothing nearer was chosen. */
export const heldBy = (choices: Schemas['LevelChoice'][], key: string): string | null =>
  chosenAt(choices, 'TEAM', '', key)?.choice ?? null;

/** A number of a method as the reader says it: masses by the kilogram or pound, lengths by the tape. */
export const numberWords = (value: number, unit: string, units: Units): string =>
  say(unit === 'g' ? kilos(value, units) : width(value, units));

const kilos = (g: number, units: Units) => (units === 'IMPERIAL' ? mass(g, units) : { value: String(Math.round(g / 100) / 10), unit: 'kg' });

/** What was typed, in the unit of the question; what was left alone stays as it is stored. A bare number is in kg, lb, cm or inches. */
export function readNumber(text: string, stored: number, unit: string, units: Units): number | null {
  if (text === numberWords(stored, unit, units)) return stored;
  if (unit !== 'g') return keptLength(text, units, null);
  const g = readWeight(text, units);
  return g === null ? null : Math.round(g);
}
