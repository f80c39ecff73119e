import { describe, expect, it } from 'vitest';
import { byWeek, hours } from '../weeks';

describe('jobs by week', () => {
  it('go into the week of their day, in order, with the week’s minutes', () => {
    const weeks = byWeek([
      { plannedOn: '2027-04-25', minutes: 20 },
      { plannedOn: '2027-04-12', minutes: 30 },
      { plannedOn: '2027-04-18', minutes: 45 },
    ]);
    expect(weeks.map((w) => [w.first, w.minutes])).toEqual([
      ['2027-04-12', 75],
      ['2027-04-19', 20],
    ]);
  });

  it('reads minutes as hours', () => {
    expect([hours(45), hours(60), hours(135)]).toEqual(['45 min', '1 h', '2 h 15 min']);
  });
});
