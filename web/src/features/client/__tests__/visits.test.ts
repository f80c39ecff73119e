import { describe, expect, it } from 'vitest';
import { degreesFault } from '../degrees';
import { daysOf, hoursWords, minutesBetween, openWords, planOf, planWords } from '../visits';

const plan = {
  everyWeeks: 2,
  from: '2027-04-12',
  days: [
    { weekday: 1, opens: '08:30', closes: '12:00' },
    { weekday: 4, opens: null, closes: null },
  ],
};

describe('visits of a site', () => {
  it('are said with their rhythm and hours', () => {
    expect(planWords(plan)).toBe('Every 2 weeks, Monday and Thursday');
    expect(planWords({ ...plan, everyWeeks: 1, days: plan.days.slice(0, 1) })).toBe('Every Monday');
    expect(planWords({ ...plan, days: [] })).toBe('Only for planned jobs');
    expect(openWords(plan)).toEqual(['Monday 08:30 to 12:00']);
    expect(hoursWords(null, '17:00')).toBe('until 17:00');
  });

  it('go through the form unchanged, and say which row a fault belongs to', () => {
    const form = daysOf(plan);
    expect(form.filter((d) => d.on)).toHaveLength(2);
    const sent = planOf(plan.everyWeeks, plan.from, form);
    expect(sent.plan).toEqual(plan);
    expect(sent.rows).toEqual([0, 3]);
  });

  it('begin with Mondays for a new site', () => {
    expect(planOf(1, '2027-04-12', daysOf(undefined)).plan.days.map((d) => d.weekday)).toEqual([1]);
  });

  it('last as long as the clock says', () => {
    expect(minutesBetween('2027-04-12T08:00:00Z', '2027-04-12T09:15:29Z')).toBe(75);
  });
});

describe('degrees', () => {
  it('are refused beyond the poles, each with its own bound', () => {
    expect(degreesFault('95', 90)).toContain('90');
    expect(degreesFault('-180', 180)).toBeNull();
    expect(degreesFault('44,02', 90)).toBeNull();
    expect(degreesFault('north', 90)).toContain('degrees');
  });
});
