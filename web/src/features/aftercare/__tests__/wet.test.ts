import { describe, expect, it } from 'vitest';
import { across, curve, wetWords } from '../wet';

const FRAME = { width: 100, height: 50, top: 10 };
const POINTS = [
  { on: '2027-04-01', wet: 1 },
  { on: '2027-04-02', wet: 0.8 },
  { on: '2027-04-03', wet: 0.6 },
  { on: '2027-04-04', wet: 1 },
  { on: '2027-04-05', wet: 0.8 },
];

describe('the drawing of how wet a pot should be', () => {
  it('stands to scale in days and in water', () => {
    const x = across(POINTS, FRAME);
    expect(x('2027-04-01')).toBe(0);
    expect(x('2027-04-05')).toBe(100);
    expect(x('2027-04-02')).toBe(25);
    expect(curve(POINTS.slice(0, 2), FRAME)).toBe('M0.0 10.0L100.0 20.0');
  });
  it('lets a watering stand upright', () => {
    expect(curve(POINTS, FRAME)).toContain('L75.0 30.0L75.0 10.0');
  });
  it('is said in words as well', () => {
    expect(wetWords(POINTS, [], [], '2027-04-03')).toBe('It should hold about 60 % of its water today; no watering is on record since.');
    expect(wetWords(POINTS, ['2027-04-04'], [{ on: '2027-04-03', wet: true }], '2027-04-05')).toBe(
      'It should hold about 80 % of its water today; watered once since; found wet 2 days ago.',
    );
  });
});
