import { describe, expect, it } from 'vitest';
import { measured, query } from '../batch';
import { codeOf, readRecipe, writeRecipe } from '../cells';

describe('what a hand measures out', () => {
  it('says whole buckets, then scoops', () => {
    expect(measured(12, 0.5, 10)).toBe('1 bucket, 4 scoops');
    expect(measured(20, 0.5, 10)).toBe('2 buckets');
    expect(measured(2.5, 0.5, 10)).toBe('5 scoops');
    expect(measured(0.5, 0.5, 10)).toBe('1 scoop');
  });

  it('says quarters of a scoop', () => {
    expect(measured(0.125, 0.5, 10)).toBe('¼ scoop');
    expect(measured(0.625, 0.5, 10)).toBe('1¼ scoops');
    expect(measured(10.375, 0.5, 10)).toBe('1 bucket, ¾ scoop');
  });

  it('adds up again whatever the litres', () => {
    const parts: Record<string, number> = { '': 0, '¼': 0.25, '½': 0.5, '¾': 0.75 };
    for (let quarters = 1; quarters < 400; quarters++) {
      const litres = quarters * 0.125;
      const said = measured(litres, 0.5, 10);
      const buckets = Number(/^(\d+) bucket/.exec(said)?.[1] ?? 0);
      const scoops = /(\d*)([¼½¾]?) scoop/.exec(said);
      const total = buckets * 10 + (Number(scoops?.[1] || 0) + (parts[scoops?.[2] ?? ''] ?? 0)) * 0.5;
      expect(total, said).toBeCloseTo(litres, 9);
    }
  });
});

describe('what is asked for', () => {
  it('leaves out what is not narrowed', () => {
    expect(query({ from: '2027-04-12', to: '2027-04-18', crewId: null, jobs: null, reuse: false })).toBe('from=2027-04-12&to=2027-04-18&reuse=false');
  });

  it('names each job', () => {
    expect(query({ from: 'a', to: 'b', crewId: 'c', jobs: ['x', 'y'], reuse: true })).toBe('from=a&to=b&reuse=true&crewId=c&jobs=x&jobs=y');
  });
});

describe('a recipe', () => {
  it('is the same after it is read and written', () => {
    const text = 'PEAT 2;COIR 1.5;GRIT 1';
    expect(writeRecipe(readRecipe(text))).toBe(text);
    expect(readRecipe('')).toEqual([]);
  });

  it('takes a comma for a point', () => {
    expect(writeRecipe([{ code: 'PEAT', parts: '1,5' }])).toBe('PEAT 1.5');
  });

  it('has a code made of its name', () => {
    expect(codeOf('MIX', 'Our fern mix, 2nd')).toBe('our-fern-mix-2nd');
    expect(codeOf('INGREDIENT', 'Rinde, grob')).toBe('RINDE_GROB');
    expect(codeOf('MIX', 'Mélange d’été')).toBe('melange-d-ete');
  });
});
