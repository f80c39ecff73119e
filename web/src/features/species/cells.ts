/** Entries of the species book as they are edited: plain functions. */
import type { Schemas } from '../../api/client';
import { length, say, type Units } from '../../ui/format';
import { plain } from '../../ui/words';

export type Cells = Record<string, string>;
type Column = Schemas['ColumnView'];

export const toCells = (list: { key: string | null; text: string | null }[]): Cells =>
  Object.fromEntries(list.flatMap((c) => (c.key ? [[c.key, c.text ?? '']] : [])));

export const toList = (cells: Cells): Schemas['Cell'][] => Object.entries(cells).map(([key, text]) => ({ key, text }));

/** Groups in the order of their labels, each with its kinds. */
export function byGroup(lines: Schemas['SpeciesLine'][]): [string, Schemas['SpeciesLine'][]][] {
  const groups = new Map<string, Schemas['SpeciesLine'][]>();
  for (const line of lines) groups.set(line.groupLabel, [...(groups.get(line.groupLabel) ?? []), line]);
  return [...groups].sort(([a], [b]) => a.localeCompare(b));
}

const ORIGINS: Record<string, string> = { SHIPPED: 'as shipped', EDITED: 'edited by the team', ADDED: 'added by the team' };

export const originWords = (code: string): string => ORIGINS[code] ?? plain(code);

/** What a cell says, in words: codes without capitals, shares as percent. */
export function cellWords(column: Column, text: string, units: Units): string {
  if (text === '') return '';
  if (column.unit === 'mm') return say(length(Number(text), units));
  if (column.kind === 'CODE') return plain(text);
  if (column.unit === 'share') return `${Math.round(Number(text) * 100)} %`;
  return column.unit ? `${text} ${column.unit}` : text;
}

/** Columns under headings, so that a long form can be read. */
export const PARTS: { title: string; keys: string[] }[] = [
  { title: 'Water and light', keys: ['refill', 'waterCoefficient', 'leafDensity', 'light', 'sunGrown', 'rest'] },
  { title: 'When to repot', keys: ['crowding', 'vigour', 'monthsFrom', 'monthsTo', 'window', 'budDrop', 'sealDays', 'matureHeightMm'] },
  { title: 'Roots', keys: ['rootType', 'surfaceRoots', 'rootLimit', 'disturbance', 'canopyPrunable', 'callusDays'] },
  { title: 'Pot and medium', keys: ['shape', 'step', 'bestMix', 'acceptableMixes', 'afpFrom', 'afpTo', 'neckRot', 'showsBase', 'graft'] },
  { title: 'Aftercare', keys: ['aftercare', 'dryDays', 'feeder'] },
  { title: 'People, and ways out', keys: ['sap', 'spines', 'poisonous', 'foodCrop', 'divides', 'strikes'] },
];
