import { describe, expect, it } from 'vitest';
import { datesFor, figuresOf, readDate, readTime, wordsOf } from '../dates';

const NOON = new Date('2027-04-12T12:00:00Z');

describe('dates as the reader writes them', () => {
  it('follow the place of the language, in English words', () => {
    expect(datesFor('en-US').dayYear.format(NOON)).toBe('Apr 12, 2027');
    expect(datesFor('en-GB').dayYear.format(NOON)).toBe('12 Apr 2027');
    expect(datesFor('de').dayYear.format(NOON)).toMatch(/^12 Apr/);
    expect(wordsOf('sv')).toBe('en-SE');
    expect(wordsOf('not a language!')).toBe('en-GB');
  });

  it('stand in fields in figures, in the order of the language', () => {
    expect(figuresOf('en-US')).toBe('MM/DD/YYYY');
    expect(figuresOf('de-DE')).toBe('DD.MM.YYYY');
    expect(figuresOf('sv-SE')).toBe('YYYY-MM-DD');
    expect(figuresOf('fa-IR')).toMatch(/YYYY/);
  });

  it('are read in that order, whatever stands between', () => {
    expect(readDate('4/12/2027', 'en-US')).toBe('2027-04-12');
    expect(readDate('4/12/2027', 'en-GB')).toBe('2027-12-04');
    expect(readDate('12. 4. 27', 'de-DE')).toBe('2027-04-12');
    expect(readDate('2027-04-12', 'en-US')).toBe('2027-04-12');
  });

  it('are refused where there is no such day', () => {
    expect(readDate('31.04.2027', 'de-DE')).toBeNull();
    expect(readDate('13/13/2027', 'en-US')).toBeNull();
    expect(readDate('12 April', 'en-GB')).toBeNull();
    expect(readDate('', 'en-GB')).toBeNull();
  });

  it('have hours of that place', () => {
    expect(readTime('8')).toBe('08:00');
    expect(readTime('8.30')).toBe('08:30');
    expect(readTime('12 am')).toBe('00:00');
    expect(readTime('5:15 p.m.')).toBe('17:15');
    for (const no of ['', '25', '8:75', '13 pm', 'noon']) expect(readTime(no)).toBeNull();
    expect(readTime(datesFor('en-US').clock.format(NOON))).toBe('12:00');
    expect(datesFor('de').clock.format(NOON)).toBe('12:00');
  });
});
