import type { Schemas } from '../../api/client';

export type Level = Schemas['LevelChoice']['level'];

/** What this very level chose for whom it is asked. */
export const chosenAt = (choices: Schemas['LevelChoice'][], level: Level, target: string, key: string) =>
  choices.find((c) => c.level === level && c.target === target && c.key === key) ?? null;

/** What the team chose, which holds wherever nothing nearer was chosen. */
export const heldBy = (choices: Schemas['LevelChoice'][], key: string): string | null =>
  chosenAt(choices, 'TEAM', '', key)?.choice ?? null;
