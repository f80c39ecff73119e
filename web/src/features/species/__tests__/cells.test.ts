import { describe, expect, it } from 'vitest';
import { byGroup, cellWords, PARTS, toCells, toList } from '../cells';

const column = (kind: string, unit = '') => ({ key: 'k', label: 'L', kind, options: [], least: 0, most: 1, unit, use: '' });
const line = (name: string, groupLabel: string) => ({
  name, commonNames: [], group: 'X', groupLabel, origin: 'SHIPPED' as const, plants: 0, remarks: '',
});

describe('cells of the species book', () => {
  it('go to a map and back', () => {
    const list = [{ key: 'name', text: 'Ficus lyrata' }, { key: 'refill', text: '' }];
    expect(toList(toCells(list))).toEqual(list);
  });

  it.each([
    ['CODE', '', 'LIKES_SNUG', 'Likes snug'],
    ['NUMBER', 'share', '0.33', '33 %'],
    ['WHOLE', 'months', '24', '24 months'],
    ['YES_NO', '', 'yes', 'yes'],
    ['NUMBER', 'mm', '2800', '280 cm'],
    ['CODE', '', '', ''],
  ])('of kind %s in "%s": %s reads %s', (kind, unit, text, words) => {
    expect(cellWords(column(kind, unit), text, 'METRIC')).toBe(words);
  });

  it('stand each in one part of the form', () => {
    const keys = PARTS.flatMap((p) => p.keys);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).toHaveLength(38);
  });

  it('kinds stand under their groups, groups by name', () => {
    const groups = byGroup([line('b', 'Palms'), line('a', 'Figs'), line('c', 'Palms')]);
    expect(groups.map(([label, lines]) => [label, lines.map((l) => l.name)])).toEqual([
      ['Figs', ['a']],
      ['Palms', ['b', 'c']],
    ]);
  });
});
