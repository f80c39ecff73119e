import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { actionWords, evidenceWords, phaseWords } from '../words';

const label = (code: string) => ({ WATER_POOLS: 'Water stands on top' })[code] ?? code;

describe('words for evidence', () => {
  it('calls a sign by its label', () => {
    expect(evidenceWords('WATER_POOLS', label)).toBe('Water stands on top');
  });

  it('says when a line is the course of a sign over several checks', () => {
    expect(evidenceWords('TREND_WATER_POOLS', label)).toBe('Water stands on top, from check to check');
  });

  it.each([
    ['TIME_SINCE_REPOT', 'Time since the repot'],
    ['BALL_SHARE', 'Ball against pot'],
    ['ROOTS_UNSEEN', 'Nobody saw the roots'],
    ['SPOT_LIGHT', 'Light of the spot'],
    ['STANDING', 'Weights and foot'],
    ['GROWTH_SINCE_REPOT', 'Growth since the repot'],
  ])('names what %s rests on', (code, words) => {
    expect(evidenceWords(code, label)).toBe(words);
  });
});

describe('words for calls', () => {
  it.each([
    'LEAVE', 'WATCH', 'FIX_CARE_FIRST', 'POT_UP', 'REFRESH', 'ROOT_PRUNE_SAME_POT', 'HEAVIER_POT',
    'POT_DOWN', 'DRAINAGE_RESCUE', 'ROT_RESCUE', 'PEST_CLEAN', 'TOP_DRESS', 'RAISE_OR_SHALLOW',
    'REPLACE_POT', 'DIVIDE', 'BREAK_OUT', 'PROPAGATE', 'RETIRE',
  ])('%s has words of its own', (action) => {
    expect(actionWords(action)).toMatch(/^[A-Z][a-z]/);
    expect(actionWords(action)).not.toContain('_');
  });
});

describe('words on screens and on paper', () => {
  const titles = (file: string) =>
    [...readFileSync(`../core/src/main/java/happysaucer/core/${file}.java`, 'utf8').matchAll(/^ {2}([A-Z_]+)\("([^"]+)"/gm)].map(([, code = '', title = '']) => [code, title] as const);

  it('are the same for every call', () => {
    const calls = titles('call/Action');
    expect(calls).toHaveLength(18);
    for (const [code, title] of calls) expect(actionWords(code)).toBe(title);
  });

  it('are the same for every part of the work', () => {
    const phases = titles('repot/Phase');
    expect(phases).toHaveLength(11);
    for (const [code, title] of phases) expect(phaseWords(code)).toBe(title);
  });
});
