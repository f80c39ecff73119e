import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../../../test-render';
import { Courses, courseLine, courseValue } from '../Courses';

const soak = {
  code: 'SOAK_IN', unit: 's', worsens: true,
  points: [
    { date: '2027-01-01', value: 30 },
    { date: '2027-02-01', value: 60 },
    { date: '2027-03-01', value: 90 },
  ],
};

describe('a course', () => {
  it('runs from the left to the right edge, and stands as high as its value', () => {
    const line = courseLine(soak.points);
    expect(line[0]?.x).toBe(0);
    expect(line[2]?.x).toBe(220);
    expect(line[1]?.x).toBeCloseTo((31 / 59) * 220, 0);
    const [low, , high] = line;
    expect(54 - (high?.y ?? 0)).toBeCloseTo(3 * (54 - (low?.y ?? 0)), 0);
  });

  it.each([
    ['HEIGHT', 1234, 'METRIC', '123 cm'],
    ['HEIGHT', 1270, 'IMPERIAL', '50 in'],
    ['RETAINED_SHARE', 0.35, 'METRIC', '35 %'],
    ['WATERING_INTERVAL', 6.44, 'METRIC', '6.4 d'],
    ['LEAN', 12.4, 'METRIC', '12°'],
    ['SOAK_IN', 75, 'METRIC', '75 s'],
  ] as const)('reads %s %d in %s as %s', (code, value, units, words) => {
    expect(courseValue(code, value, units)).toBe(words);
  });

  it('says in words what it shows, and that it got worse', () => {
    show(<Courses courses={[soak]} repotted="2027-01-15" units="METRIC" />);
    expect(
      screen.getByRole('img', {
        name: 'Seconds to soak in: 30 s on 1 Jan 2027, 90 s on 1 Mar 2027; getting slower since the last repot.',
      }),
    ).toBeVisible();
  });

  it('draws nothing where nothing was measured', () => {
    show(<Courses courses={[]} repotted={null} units="METRIC" />);
    expect(screen.queryByRole('heading')).toBeNull();
  });
});
