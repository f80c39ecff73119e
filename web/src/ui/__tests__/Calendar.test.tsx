import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../../test-render';
import { CalendarInput } from '../Calendar';

function Field({ told }: { told: (iso: string) => void }) {
  const [value, setValue] = useState('2027-04-12');
  return (
    <CalendarInput
      label="Day"
      value={value}
      min="2027-04-01"
      weekStarts={1}
      change={(next) => {
        told(next);
        setValue(next);
      }}
    />
  );
}

const type = (text: string) => fireEvent.input(screen.getByLabelText('Day'), { target: { value: text } });

describe('a date field', () => {
  it('shows and takes dates as the reader writes them', () => {
    const told = vi.fn();
    show(<Field told={told} />);
    expect(screen.getByLabelText('Day')).toHaveValue('12/04/2027');
    type('14.4.27');
    expect(told).toHaveBeenLastCalledWith('2027-04-14');
  });

  it('says what is wrong, and hands on nothing else in its place', () => {
    const told = vi.fn();
    show(<Field told={told} />);
    type('31/02/2027');
    expect(screen.getByText('There is no such date. Write it as DD/MM/YYYY.')).toBeVisible();
    expect(told).toHaveBeenLastCalledWith('31/02/2027');
    fireEvent.blur(screen.getByLabelText('Day'));
    expect(screen.getByLabelText('Day')).toHaveValue('31/02/2027');
    type('03/03/2027');
    expect(screen.getByText('Not before 1 Apr 2027.')).toBeVisible();
    type('03/05/2027');
    expect(screen.queryByText(/Not before/)).toBeNull();
    expect(told).toHaveBeenLastCalledWith('2027-05-03');
  });
});
