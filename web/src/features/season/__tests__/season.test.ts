import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../../api/client';
import { bySite, cellId, cellOf, laid } from '../board';
import { formOf, readCrew } from '../crewForm';
import { bars, beside, costOfAWeek, crowded, hoursWords, kindWords, leading, months, over, standing, waiting, type Job, type Week } from '../load';

const job = (more: Partial<Job>): Job => ({
  id: 'j', plantId: 'p', label: 'T-001', commonName: 'Kentia palm', potShape: 'STANDARD', potTopMm: 300, potBaseMm: 220, potHeightMm: 280, siteId: 's',
  siteName: 'Hall', spotName: 'Desk', kind: 'REPOT', place: 'SITE', action: 'POT_UP', urgency: 'THIS_WINDOW', source: 'CALL', jobId: null, afterId: null,
  fromOn: '2027-04-12', toOn: '2027-09-10', idealOn: '2027-04-26', minutes: 40, people: 1, skills: [], litres: 10, kilograms: 8, toOrder: false,
  materialOn: null, materialNever: false, orderId: null, held: null, why: null, note: '', plannedOn: null, leadId: null, helperId: null, pinned: false, overruled: null,
  published: false, daysLate: 0, blocked: null, version: 1, ...more,
});
const week = (first: string, capacity: number, wanted: number, planned = 0, driving = 0): Week => ({ first, capacity, wanted, planned, driving });
const WEIGHTS = { late: 5, lateSoon: 20, lateNow: 60, early: 1, uneven: 6, moved: 240 };

describe('the load of weeks', () => {
  it('is said in hours', () => {
    expect(hoursWords(50)).toBe('50 min');
    expect(hoursWords(120)).toBe('2 h');
    expect(hoursWords(135)).toBe('2 h 15');
  });
  it('runs over only above what people are there for', () => {
    const weeks = [week('2027-04-12', 600, 600), week('2027-04-19', 600, 610), week('2027-04-26', 0, 30)];
    expect(crowded(weeks).map((w) => w.first)).toEqual(['2027-04-19', '2027-04-26']);
    expect(over(weeks[1] as Week, 610)).toBe(10);
  });
  it('is drawn to one scale', () => {
    const [a, b] = bars([week('2027-04-12', 500, 1000), week('2027-04-19', 500, 250, 400, 100)], 44, 100);
    expect(a).toMatchObject({ x: 0, rim: 50, wanted: 100, planned: 0 });
    expect(b).toMatchObject({ x: 22, rim: 50, wanted: 25, planned: 50 });
  });
  it('names each month once, the first and every January with the year', () => {
    const from = (first: string, count: number) => Array.from({ length: count }, (_, i) => week(new Date(Date.parse(first) + i * 7 * 86_400_000).toISOString().slice(0, 10), 0, 0));
    expect(months(from('2026-11-02', 10))).toEqual([
      { index: 0, month: '2026-11', named: 'year' },
      { index: 5, month: '2026-12', named: 'month' },
      { index: 9, month: '2027-01', named: null },
    ]);
    expect(months(from('2026-12-07', 6)).map((m) => m.named)).toEqual(['year', null]);
  });
  it('leaves out a name for which there is no room before the next', () => {
    expect(months([week('2026-11-30', 0, 0), ...['2026-12-07', '2026-12-14', '2026-12-21'].map((first) => week(first, 0, 0))]).map((m) => m.named)).toEqual([null, 'year']);
  });
});

describe('jobs of a season', () => {
  it('wait by what presses, and what follows goes with its repot', () => {
    const jobs = [job({ id: 'a' }), job({ id: 'b', urgency: 'NOW' }), job({ id: 'c', afterId: 'a' }), job({ id: 'd', blocked: 'Held.' }), job({ id: 'e', plannedOn: '2027-05-01', daysLate: 5 })];
    expect(leading(jobs).map((j) => j.id)[0]).toBe('b');
    const { blocked, unplanned, late } = waiting(jobs);
    expect(unplanned.map((j) => j.id)).toEqual(['b', 'a']);
    expect(blocked.map((j) => j.id)).toEqual(['d']);
    expect(late.map((j) => j.id)).toEqual(['e']);
  });
  it('cost by urgency to put off', () => {
    expect(costOfAWeek(job({}), WEIGHTS)).toBe('35 min');
    expect(costOfAWeek(job({ urgency: 'NOW' }), WEIGHTS)).toBe('7 h');
  });
  it('stand beside what was found', () => {
    const now = standing([job({ plannedOn: '2027-05-01', leadId: 'c', daysLate: 3 }), job({ plannedOn: '2027-05-01' }), job({})], [week('2027-04-26', 100, 0, 90, 20)]);
    expect(now).toEqual({ planned: 1, late: 1, driving: 20, full: 1 });
    const found = { jobs: 3, planned: 3, late: 0, lateDays: 0, drivingMinutes: 50, rules: [], left: [], latest: [], moved: [], brokenNow: [], weeks: [week('2027-04-26', 100, 0, 60, 40)] };
    expect(beside(now, found).map((r) => [r.now, r.then])).toEqual([['1', '3'], ['1', '0'], ['1', '0'], ['20 min', '40 min']]);
  });
  it('say where they are done', () => {
    expect(kindWords({ kind: 'REPOT', place: 'COLLECT' })).toBe('Repot, fetch it');
    expect(kindWords({ kind: 'TOP_UP', place: 'SITE' })).toBe('Top up');
  });
});

describe('the board', () => {
  const board = {
    first: '2027-04-12', today: '2027-04-12', crews: [{ id: 'c', name: 'Tide', people: 2, missing: null }], waiting: [], lastChange: null,
    days: [{ crewId: 'c', day: '2027-04-15', minutes: 240, people: 2, away: [], trips: [{ siteId: 's', siteName: 'Hall', minutes: 30 }] }],
    jobs: [
      job({ id: 'a', plannedOn: '2027-04-15', leadId: 'c' }),
      job({ id: 'b', plannedOn: '2027-04-15', leadId: 'x', helperId: 'c', siteName: 'Attic', siteId: 't' }),
      job({ id: 'z', plannedOn: '2027-04-16', leadId: 'c' }),
    ],
    minutesOf: { a: 20, b: 45 },
  } satisfies Schemas['BoardWeek'];
  it('lays a day end to end: the way, then the work, site by site', () => {
    const sites = bySite(board, 'c', '2027-04-15');
    expect(sites.map((s) => s.siteName)).toEqual(['Attic', 'Hall']);
    const { pieces, minutes } = laid(sites, board.minutesOf);
    expect(minutes).toBe(45 + 30 + 20);
    expect(pieces.map((p) => [p.kind, p.from, p.to])).toEqual([['work', 0, 45], ['way', 45, 75], ['work', 75, 95]]);
  });
  it('knows its cells by crew and day', () => {
    expect(cellOf(cellId('c', '2027-04-15'))).toEqual({ crewId: 'c', day: '2027-04-15' });
    expect(cellOf('waiting')).toBeNull();
  });
});

describe('the form of a crew', () => {
  it('names what is to be mended', () => {
    const form = formOf(null);
    form.days[0] = { on: true, begins: 'soon', ends: '16:00' };
    const { wrong, request } = readCrew(form);
    expect(request).toBeNull();
    expect(Object.keys(wrong).sort()).toEqual(['days.0.begins', 'name', 'people.0.name']);
  });
  it('is sent as it is written', () => {
    const form = formOf(null);
    form.name = ' Tide ';
    form.people = [{ id: 'p', name: 'Tamsin Orle', userId: null }];
    form.days[3] = { on: true, begins: '7:30', ends: '14:00' };
    form.skills.TREATMENTS = true;
    expect(readCrew(form).request).toMatchObject({ name: 'Tide', hours: [{ weekday: 4, begins: '07:30', ends: '14:00' }], skills: ['TREATMENTS'], endedOn: null });
  });
});
