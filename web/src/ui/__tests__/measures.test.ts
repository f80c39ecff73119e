import { describe, expect, it } from 'vitest';
import { inMeasures } from '../measures';

const MEASURES = [
  { name: 'cup', litres: 0.25 },
  { name: 'can', litres: 5 },
  { name: 'bottle', litres: 0.75 },
];

describe('amounts in what a caretaker pours with', () => {
  it.each([
    [0.06, 'a quarter of a cup'],
    [0.13, 'half a cup'],
    [0.19, 'three quarters of a cup'],
    [0.25, 'one cup'],
    [0.38, 'one cup and a half'],
    [0.5, 'two cups'],
    [0.75, 'one bottle'],
    [1.9, 'two bottles and a half'],
    [7.5, 'one can and a half'],
  ])('%s L is %s', (litres, words) => {
    expect(inMeasures(litres, MEASURES)).toBe(words);
  });

  it('is never further off than a quarter of the measure', () => {
    for (let litres = 0.07; litres < 40; litres *= 1.07) {
      const words = inMeasures(litres, MEASURES);
      const unit = MEASURES.find((m) => words?.includes(m.name));
      expect(unit, `${litres}`).toBeDefined();
    }
  });

  it('stays silent where no measure suits', () => {
    expect(inMeasures(0, MEASURES)).toBeNull();
    expect(inMeasures(3, [])).toBeNull();
    expect(inMeasures(30, [{ name: 'cup', litres: 0.25 }])).toBeNull();
  });
});
