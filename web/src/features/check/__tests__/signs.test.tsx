import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { show } from '../../../test-render';
import { SignRow } from '../SignRow';
import { stepValue, tapAbsent, tapPresent, toList, valueWords, type SignItem, type Tapped } from '../signs';

const item = (code: string, measure: string): SignItem => ({
  code, measure, group: 'WATER', unit: '', least: 0, most: 3600, label: code.toLowerCase(), how: 'Look.',
});

const pools = item('WATER_POOLS', 'SECONDS');
const circling = item('ROOTS_CIRCLING', 'GRADE');
const hard = item('SURFACE_HARD', 'NONE');

describe('tapping signs', () => {
  it('goes from not looked at to there and back', () => {
    const there = tapPresent({}, hard);
    expect(there.SURFACE_HARD).toEqual({ code: 'SURFACE_HARD', state: 'PRESENT', grade: null, value: null });
    expect(tapPresent(there, hard)).toEqual({});
  });

  it('an absent sign never keeps a grade or a value', () => {
    const graded = tapPresent({}, circling, 'SEVERE');
    expect(tapAbsent(graded, circling).ROOTS_CIRCLING).toEqual({
      code: 'ROOTS_CIRCLING', state: 'ABSENT', grade: null, value: null,
    });
  });

  it('another grade replaces the first in one tap', () => {
    const graded = tapPresent(tapPresent({}, circling, 'SLIGHT'), circling, 'SEVERE');
    expect(toList(graded)).toHaveLength(1);
    expect(graded.ROOTS_CIRCLING?.grade).toBe('SEVERE');
  });

  it('values move by big steps and stop at their ends', () => {
    let tapped: Tapped = tapPresent({}, pools);
    expect(tapped.WATER_POOLS?.value).toBe(90);
    tapped = stepValue(tapped, pools, 1);
    expect(tapped.WATER_POOLS?.value).toBe(120);
    for (let i = 0; i < 20; i++) tapped = stepValue(tapped, pools, -1);
    expect(tapped.WATER_POOLS?.value).toBe(15);
    expect(stepValue({}, pools, 1)).toEqual({});
  });

  it('says values in words', () => {
    expect(valueWords(item('ROOTS_ROTTEN', 'SHARE'), 0.2)).toBe('20 %');
    expect(valueWords(pools, 90)).toBe('90 s');
  });
});

describe('a sign on the screen', () => {
  function Holder({ of }: { of: SignItem }) {
    const [tapped, change] = useState<Tapped>({});
    return (
      <ul>
        <SignRow item={of} tapped={tapped} change={change} />
      </ul>
    );
  }

  it('offers its value only once it is there', async () => {
    show(<Holder of={pools} />);
    expect(screen.queryByRole('button', { name: /more/ })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Yes' }));
    await userEvent.click(screen.getByRole('button', { name: 'water_pools: more' }));
    expect(screen.getByText('120 s')).toBeVisible();
  });

  it('tells its state to screen readers', async () => {
    show(<Holder of={circling} />);
    const clear = screen.getByRole('button', { name: 'Clear' });
    expect(clear).toHaveAttribute('aria-pressed', 'false');
    await userEvent.click(clear);
    expect(clear).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByRole('button', { name: 'No' }));
    expect(clear).toHaveAttribute('aria-pressed', 'false');
  });
});
