import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { ProblemError, faultsByField, sayProblem } from '../../api/problem';
import { show } from '../../test-render';
import { CallPanel } from '../CallPanel';
import { LiveCall } from '../LiveCall';
import { Conflict } from '../Conflict';
import { WateringWeeks } from '../WateringWeeks';

const advice: Schemas['Advice'] = {
  bookVersion: 'b',
  size: null,
  leftOut: [],
  findings: [
    {
      code: 'CROWDED', strength: 'STRONG', grade: 'CLEAR', decibans: 12,
      evidence: [
        { sign: 'ROOTS_FROM_DRAIN_HOLES', weight: 9, why: 'Roots leave by the holes.' },
        { sign: 'DRIES_TOO_FAST', weight: -2, why: 'It keeps its water.' },
      ],
      discounted: [{ sign: 'ROOTS_AT_SURFACE', why: 'Normal in this species.', setAside: false }],
    },
  ],
  call: {
    action: 'POT_UP', urgency: 'THIS_WINDOW', from: '2027-04-12', to: '2027-09-10', recheck: null,
    reasons: ['Its roots have filled the pot.'],
    holds: [{ code: 'IN_BUD', firm: true, overridden: false, liftedBy: 'When flowering is over.', until: null }],
    interim: [], also: [], alternatives: [], overruled: null,
  },
  lookNext: [{ sign: 'SLIP_CHECK', how: 'Slip it out.', why: 'Only the roots can settle this.' }],
  slip: null,
  forecast: { rootFill: 0.9, clearFrom: null, clearTo: null, basis: '' },
  repot: null, present: null,
  water: {
    before: { daysToTopDry: 3, daysToRefill: 5, daysToRefillFrom: 4, daysToRefillTo: 6, daysAirless: 0, daysRingWet: null, litresPerDay: 0.1, litres: 0.5, uncertainty: 0.15, basis: '' },
    after: null, settled: null, now: null
  },
  aftercare: { plan: 'NONE', steps: [], weeks: [] },
  cautions: [],
  assumed: [],
};

describe('the call', () => {
  it('shows what, how soon, why and the hold at one glance', () => {
    show(<CallPanel advice={advice} signLabel={(c) => c} />);
    expect(screen.getByRole('heading', { name: 'Pot up' })).toBeVisible();
    expect(screen.getByText('In this window')).toBeVisible();
    expect(screen.getByText('Its roots have filled the pot.')).toBeVisible();
    expect(screen.getByText(/When flowering is over/)).toBeVisible();
  });

  it('opens its evidence for and against at one tap', async () => {
    show(<CallPanel advice={advice} signLabel={(c) => `label of ${c}`} />);
    expect(screen.queryByText('Roots leave by the holes.')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /Evidence/ }));
    expect(screen.getByText('Roots leave by the holes.')).toBeVisible();
    expect(screen.getByText('It keeps its water.')).toBeVisible();
    expect(screen.getAllByText('Normal in this species.')).not.toHaveLength(0);
  });

  it('tells a changing call politely', () => {
    const { container, rerender } = show(<LiveCall call={advice.call} spoken={false} />);
    const live = () => container.querySelector('[aria-live="polite"]')?.textContent;
    expect(live()).toBe('');
    rerender(<LiveCall call={advice.call} spoken />);
    expect(live()).toContain('Pot up. In this window. 12 Apr 2027 to 10 Sept 2027. Its roots have filled the pot.');
  });

  it('shows the few lines that carried it, for and against, and what does not count', () => {
    show(<CallPanel advice={advice} signLabel={(c) => `label of ${c}`} />);
    const carried = screen.getByRole('heading', { name: 'What carried it' }).parentElement;
    expect(carried).toHaveTextContent('label of ROOTS_FROM_DRAIN_HOLES for crowdedstrong +9');
    expect(carried).toHaveTextContent('label of DRIES_TOO_FAST against crowdedweak −2');
    expect(carried).toHaveTextContent('label of ROOTS_AT_SURFACE does not count: Normal in this species.');
  });

  it('says what counts for nothing, and what counts for less', () => {
    const [crowded] = advice.findings;
    if (!crowded) throw new Error('no finding');
    const both = {
      ...crowded,
      discounted: [...crowded.discounted, { sign: 'ROOTS_FROM_DRAIN_HOLES', why: 'This kind seeks the holes early.', setAside: false }],
    };
    show(<CallPanel advice={{ ...advice, findings: [both] }} signLabel={(c) => c} />);
    const carried = screen.getByRole('heading', { name: 'What carried it' }).parentElement;
    expect(carried).toHaveTextContent('ROOTS_FROM_DRAIN_HOLES counts for less: This kind seeks the holes early.');
    expect(carried).toHaveTextContent('ROOTS_AT_SURFACE does not count');
    expect(carried?.querySelector('s')).toBeNull();
  });

  it('says which choice of method decided, at which level, and what the other would make of it', () => {
    const turn = {
      key: 'timing', title: 'When nothing shows', chosen: 'By condition only', level: 'CLIENT' as const,
      other: 'By the calendar', action: 'REFRESH', urgency: 'THIS_WINDOW',
    };
    const { rerender } = show(<CallPanel advice={advice} signLabel={(c) => c} method={{ chosen: [], turns: [turn] }} />);
    expect(screen.getByText(/stands at “By condition only” \(this client’s choice\)/)).toBeVisible();
    expect(screen.getByText('Refresh the medium, in this window:')).toBeVisible();
    rerender(<CallPanel advice={advice} signLabel={(c) => c} method={{ chosen: [], turns: [] }} />);
    expect(screen.getByText(/Any choice of method/)).toBeVisible();
  });

  it('says whose call it is when the rules are overruled', () => {
    const overruled = { ...advice, call: { ...advice.call, overruled: { by: 'Jorun Pell', reason: 'Known.', action: 'WATCH' } } };
    show(<CallPanel advice={overruled} signLabel={(c) => c} />);
    expect(screen.getByText('Jorun Pell decided this. The rules would say: watch it.')).toBeVisible();
  });
});

describe('two people editing', () => {
  it('shows both sides and lets the person decide', async () => {
    const mine = vi.fn();
    const theirs = vi.fn();
    show(
      <Conflict
        problem={{ detail: 'Odda has changed this.', changes: [{ field: 'note', yours: 'a', theirs: '' }] }}
        labels={{ note: 'Note' }}
        keepMine={mine}
        takeTheirs={theirs}
      />,
    );
    expect(screen.getByRole('row', { name: 'Note a –' })).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Save mine' }));
    expect(mine).toHaveBeenCalledOnce();
    expect(theirs).not.toHaveBeenCalled();
  });
});

describe('problems', () => {
  const refused = new ProblemError(400, {
    title: 'Some values need mending',
    errors: [
      { field: 'pot.topMm', message: 'Too small.' },
      { field: 'date', message: 'No such date.' },
    ],
  });

  it('land at their fields', () => {
    expect(faultsByField(refused)).toEqual({ 'pot.topMm': 'Too small.', date: 'No such date.' });
    expect(faultsByField(new TypeError('failed to fetch'))).toEqual({});
  });

  it('are told in the server’s words, and a lost connection in ours', () => {
    expect(sayProblem(refused).text).toBe('Too small. No such date.');
    expect(sayProblem(new TypeError('failed to fetch')).title).toBe('No connection');
  });
});

describe('the watering change', () => {
  it('reads as a table from before to settled, with dry weeks in words', () => {
    show(
      <WateringWeeks
        weeks={[
          { week: 1, from: '2027-04-12', everyDays: null, litres: 0 },
          { week: 2, from: '2027-04-19', everyDays: 6.4, litres: 0.83 },
        ]}
        before={5}
        settled={9}
        units="METRIC"
      />,
    );
    expect(screen.getByRole('row', { name: /Before 5 days/ })).toBeVisible();
    expect(screen.getByRole('row', { name: /12 Apr keep dry/ })).toBeVisible();
    expect(screen.getByRole('row', { name: /19 Apr 6 days 0.85 L/ })).toBeVisible();
    expect(screen.getByRole('row', { name: /Settled 9 days/ })).toBeVisible();
  });
});
