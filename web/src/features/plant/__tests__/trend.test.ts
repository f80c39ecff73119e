import { describe, expect, it } from 'vitest';
import { intervals } from '../WateringTrend';

describe('days between waterings', () => {
  it('run from the oldest, and two pours on one day are one watering', () => {
    const poured = ['2027-04-12', '2027-04-05', '2027-04-05', '2027-03-30'].map((wateredOn) => ({ wateredOn }));
    expect(intervals(poured)).toEqual([
      { on: '2027-04-05', days: 6 },
      { on: '2027-04-12', days: 7 },
    ]);
  });
});
