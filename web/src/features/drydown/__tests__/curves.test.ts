import { describe, expect, it } from 'vitest';
import { DESK, PHONE, course, curveWords, daysBetween, daysWords, scales, strip, wetRing, type Curve, type Width } from '../curves';

const curve = (more: Partial<Curve> = {}): Curve => ({
  points: [
    { day: 0, ball: 1, ring: null, top: 1, left: 1 },
    { day: 5, ball: 0.5, ring: null, top: 0.2, left: 0.45 },
    { day: 10, ball: 0.1, ring: null, top: 0, left: 0.1 },
  ],
  daysToRefill: 5,
  daysToRefillFrom: 4.2,
  daysToRefillTo: 5.8,
  daysAirless: 0,
  daysRingWet: null,
  litresPerDay: 0.1,
  litres: 0.5,
  ...more,
});

const width = (topMm: number, wet: number): Width => ({
  topMm,
  heightMm: topMm * 0.92,
  material: 'PLASTIC',
  ballShare: 0.5,
  air: 0.25,
  mixLabel: 'Foliage mix',
  passes: true,
  best: false,
  first: curve({ daysRingWet: wet }),
  settled: curve(),
  words: [],
});

describe('a curve', () => {
  it('tells wet days and what is stood apart, however close', () => {
    expect(wetRing(14.2, 11.1)).toEqual({ value: '14 d', over: true, limitWords: 'over 11' });
    expect(wetRing(10.7, 10.5)).toEqual({ value: '10.7 d', over: true, limitWords: 'over 10.5' });
    expect(wetRing(2.44, 11.4)).toEqual({ value: '2.4 d', over: false, limitWords: 'of 11' });
    expect(wetRing(null, 11)).toMatchObject({ value: '–', over: false });
  });

  it('says how long a past interval would be by today’s light, where that differs', () => {
    expect(daysBetween({ days: 7, daysToday: 9.9 })).toBe('7 days (10 by today’s light)');
    expect(daysBetween({ days: 7, daysToday: 7.2 })).toBe('7 days');
  });

  it('begins full on the left and goes down', () => {
    const at = scales(10, DESK);
    expect(course(curve(), 'ball', at)).toBe(`M${at.x(0)},${at.y(1)}L${at.x(5)},${at.y(0.5)}L${at.x(10)},${at.y(0.1)}`.replace(/\.0+(?=[,L])/g, ''));
  });

  it('goes to the edge of its frame, on a desk and on a phone', () => {
    for (const frame of [DESK, PHONE]) {
      const { x, y } = scales(10, frame);
      expect([x(0), x(10)]).toEqual([frame.left, frame.width - frame.right]);
      expect([y(1), y(0)]).toEqual([frame.top, frame.height - frame.bottom]);
    }
  });

  it('is not drawn for a store that is not there', () => {
    expect(course(curve(), 'ring', scales(10, DESK))).toBe('');
  });

  it('says its days with their range', () => {
    expect(daysWords(curve())).toBe('4.2 to 6 days');
    expect(daysWords(curve({ daysToRefillFrom: 9.9, daysToRefillTo: 10.2 }))).toBe('10 days');
    expect(daysWords(curve({ daysToRefillFrom: null, daysToRefillTo: null }))).toBe('not within months');
  });

  it('is told to whoever does not see it', () => {
    expect(curveWords('In its pot', curve())).toBe('In its pot: wants water after 4.2 to 6 days; air in it from the first day');
    expect(curveWords('Just potted', curve({ daysAirless: 1.5, daysRingWet: 12.4 }))).toContain('hardly any air for 1.5 days; its fresh medium stays wet for 12 days');
  });
});

describe('how a number goes with the width', () => {
  const widths = [width(200, 5), width(220, 10), width(240, 20)];

  it('marks the width that is asked about', () => {
    const at = (chosen: number) => strip(widths, (w) => w.first.daysRingWet, chosen, 11).at;
    expect(at(0)?.x).toBeLessThan(at(1)?.x ?? 0);
    expect(at(0)?.y).toBeGreaterThan(at(2)?.y ?? 999);
  });

  it('draws the limit between what is under and what is over it', () => {
    const drawn = strip(widths, (w) => w.first.daysRingWet, 1, 11);
    expect(drawn.limit).toBeLessThan(drawn.at?.y ?? 0);
    expect(drawn.limit).toBeGreaterThan(strip(widths, (w) => w.first.daysRingWet, 2, 11).at?.y ?? 999);
  });

  it('has no mark where there is no number', () => {
    expect(strip(widths, (w) => w.settled.daysRingWet, 0).at).toBeNull();
  });
});
