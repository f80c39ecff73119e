import { describe, expect, it } from 'vitest';
import { addDays, days, daysBetween, length, litres, mass, readLength, say, weekOf } from '../format';

describe('measures', () => {
  it.each([
    [25, 'METRIC', '25 mm'],
    [260, 'METRIC', '26 cm'],
    [215, 'METRIC', '21.5 cm'],
    [254, 'IMPERIAL', '10 in'],
    [-45, 'METRIC', '-45 mm'],
  ] as const)('%d mm reads %s %s', (mm, units, text) => {
    expect(say(length(mm, units))).toBe(text);
  });

  it.each([
    [0.837, 'METRIC', '0.85 L'],
    [4.93, 'METRIC', '4.9 L'],
    [0.5, 'IMPERIAL', '17 fl oz'],
    [4.93, 'IMPERIAL', '5.2 qt'],
  ] as const)('%d litres read %s %s', (l, units, text) => {
    expect(say(litres(l, units))).toBe(text);
  });

  it('grams become kilograms from a thousand', () => {
    expect(say(mass(999, 'METRIC'))).toBe('999 g');
    expect(say(mass(5400, 'METRIC'))).toBe('5.4 kg');
  });

  it('days that were not reached are a dash', () => {
    expect(say(days(null))).toBe('–');
    expect(say(days(1.53))).toBe('1.5 d');
    expect(say(days(12.6))).toBe('13 d');
  });
});

describe('lengths as people write them', () => {
  it.each([
    ['15', 'METRIC', 150],
    ['15cm', 'METRIC', 150],
    ['150 mm', 'IMPERIAL', 150],
    ['6 in', 'METRIC', 152.4],
    ['6', 'IMPERIAL', 152.4],
    ['1,5 m', 'METRIC', 1500],
  ] as const)('%s in %s', (text, units, mm) => {
    expect(readLength(text, units)).toBeCloseTo(mm, 6);
  });

  it.each(['', 'wide', '-3', '3 kg', '1 2'])('refuses %j', (text) => {
    expect(readLength(text, 'METRIC')).toBeNull();
  });
});

describe('days', () => {
  it('weeks begin on Monday, also for a Sunday', () => {
    expect(weekOf('2027-04-12', 1)).toBe('2027-04-12');
    expect(weekOf('2027-04-18', 1)).toBe('2027-04-12');
    expect(weekOf('2027-01-01', 1)).toBe('2026-12-28');
    expect(weekOf('2027-04-12', 7)).toBe('2027-04-11');
    expect(weekOf('2027-04-18', 7)).toBe('2027-04-18');
    expect(weekOf('2027-04-12', 6)).toBe('2027-04-10');
  });

  it('counts over the change of summer time', () => {
    expect(daysBetween('2027-03-20', '2027-04-03')).toBe(14);
    expect(addDays('2027-02-27', 2)).toBe('2027-03-01');
  });
});
