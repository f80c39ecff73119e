import { act, fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { show } from '../../../test-render';
import type { Pour } from '../draft';
import { LeanByPhone } from '../measure/LeanByPhone';
import { leanOf, middle, retained, spreadOf } from '../measure/lean';
import { Retained } from '../measure/Retained';
import { Stopwatch } from '../measure/Stopwatch';
import { nextTap, questionOf } from '../measure/taps';
import { measured } from '../signs';

afterEach(() => vi.useRealTimers());

describe('lean by the phone', () => {
  it('is the angle of its long edge from upright, whichever way it is held', () => {
    expect(leanOf(90)).toBeCloseTo(0);
    expect(leanOf(-90)).toBeCloseTo(0);
    expect(leanOf(75)).toBeCloseTo(15);
    expect(leanOf(105)).toBeCloseTo(15);
    expect(leanOf(0)).toBeCloseTo(90);
  });

  it('takes the middle of what was read, so that a shake does not count', () => {
    expect(middle([10, 11, 60, 10, 12])).toBe(11);
    expect(middle([])).toBeNull();
    expect(spreadOf([10, 14])).toBe(2);
  });

  it('shows what the sensor says and hands it over', async () => {
    const take = vi.fn();
    show(<LeanByPhone take={take} />);
    await userEvent.click(screen.getByRole('button', { name: 'Lay the phone along the stem' }));
    expect(screen.getByRole('button', { name: 'Waiting for the sensor' })).toBeDisabled();
    act(() => {
      for (let i = 0; i < 5; i += 1) fireEvent(window, Object.assign(new Event('deviceorientation'), { beta: 78 }));
    });
    expect(screen.getByLabelText('Lean')).toHaveTextContent('12° ± 1°');
    await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(take).toHaveBeenCalledWith(12);
  });

  it('says so where the device is silent', async () => {
    vi.useFakeTimers();
    show(<LeanByPhone take={vi.fn()} />);
    fireEvent.click(screen.getByRole('button', { name: 'Lay the phone along the stem' }));
    await act(() => Promise.resolve());
    act(() => {
      vi.advanceTimersByTime(3000);
    });
    expect(screen.getByRole('status')).toHaveTextContent('does not say how it is held');
  });
});

describe('the stopwatch', () => {
  it('counts from when it was started, also after a reload', () => {
    vi.useFakeTimers();
    vi.setSystemTime(new Date('2027-04-12T08:30:00Z'));
    const stopped = vi.fn();
    const start = vi.fn();
    show(<Stopwatch since={Date.now() - 42_400} start={start} stopped={stopped} pour="0.7 L" />);
    act(() => {
      vi.advanceTimersByTime(1000);
    });
    expect(screen.getByRole('timer')).toHaveTextContent('0:43');
    fireEvent.click(screen.getByRole('button', { name: 'It is in' }));
    expect(stopped).toHaveBeenCalledWith(43);
    expect(start).toHaveBeenCalledWith(null);
  });

  it('says how much to pour', () => {
    show(<Stopwatch since={null} start={vi.fn()} stopped={vi.fn()} pour="0.7 L" />);
    expect(screen.getByText(/Pour 0.7 L/)).toBeVisible();
  });
});

describe('what stays of a pour', () => {
  function Measuring({ take }: { take: (share: number) => void }) {
    const [pour, setPour] = useState<Pour | null>(null);
    return (
      <Retained
        units="METRIC"
        pour={pour}
        take={(share, measuredPour) => {
          take(share);
          setPour(measuredPour);
        }}
        logToo={(log) => setPour(pour && { ...pour, log })}
      />
    );
  }

  it('is reckoned from what was poured and what came out', async () => {
    const take = vi.fn();
    show(<Measuring take={take} />);
    await userEvent.click(screen.getByRole('button', { name: 'Measure what stays' }));
    await userEvent.type(screen.getByLabelText('Poured'), '800 ml');
    await userEvent.type(screen.getByLabelText('Came out below'), '1');
    await userEvent.click(screen.getByRole('button', { name: 'Reckon' }));
    expect(screen.getByText('More came out than was poured.')).toBeVisible();
    expect(take).not.toHaveBeenCalled();
    await userEvent.clear(screen.getByLabelText('Came out below'));
    await userEvent.type(screen.getByLabelText('Came out below'), '200 ml');
    await userEvent.click(screen.getByRole('button', { name: '75 % stayed: take it' }));
    expect(take).toHaveBeenCalledWith(0.75);
    expect(screen.getByLabelText('Log it as a watering of today, too')).toBeChecked();
  });

  it('is nothing where nothing was poured', () => {
    expect(retained(0, 0)).toBeNull();
    expect(retained(1, null)).toBeNull();
    expect(retained(0.5, 0.5)).toBe(0);
  });
});

describe('taps on a photo', () => {
  const at = { x: 1, y: 1 };

  it('are asked for one after another, those that are set left out', () => {
    expect(nextTap({ rimLeft: at }, 'rimLeft')).toBe('rimRight');
    expect(nextTap({ rimLeft: at, rimRight: at, top: at }, 'rimLeft')).toBe('left');
    expect(nextTap({}, 'to')).toBeNull();
  });

  it('are sent when the rim and something to measure is there', () => {
    const size = { width: 100, height: 200 };
    expect(questionOf({ rimLeft: at, rimRight: at }, size, null)).toBeNull();
    expect(questionOf({ rimLeft: at, rimRight: at, left: at }, size, null)).toBeNull();
    expect(questionOf({ rimLeft: at, top: at }, size, null)).toBeNull();
    expect(questionOf({ rimLeft: at, rimRight: at, top: at }, size, 230)).toMatchObject({ photoWidth: 100, rimMm: 230, left: null });
  });
});

describe('a measured sign', () => {
  it('keeps what was measured to the digit', () => {
    const item = { code: 'WATER_POOLS', group: 'WATER', measure: 'SECONDS', unit: 's', least: 0, most: 3600, label: 'Pools', how: '' };
    expect(measured({}, item, 37)).toEqual({ WATER_POOLS: { code: 'WATER_POOLS', state: 'PRESENT', grade: null, value: 37 } });
  });
});
