import { TextInput, type MantineSize } from '@mantine/core';
import { createContext, lazy, Suspense, useContext } from 'react';
import { clockTime } from './format';

export interface DateFieldProps {
  label: string;
  /** ISO date, empty for none. */
  value: string;
  change: (iso: string) => void;
  description?: string;
  error?: string;
  min?: string;
  max?: string;
  required?: boolean;
  size?: MantineSize;
}

/** The day on which calendars begin a week: 1 for Monday to 7 for Sunday. */
export const WeekStarts = createContext(1);

const Calendar = lazy(() => import('./Calendar').then((m) => ({ default: m.CalendarInput })));

const Waits = ({ label, description }: { label: string; description?: string }) => <TextInput label={label} description={description} disabled />;

/** A date as the reader writes dates, typed or taken from a calendar. */
export function DateField(props: DateFieldProps) {
  const weekStarts = useContext(WeekStarts);
  return (
    <Suspense fallback={<Waits label={props.label} description={props.description} />}>
      <Calendar {...props} weekStarts={weekStarts} />
    </Suspense>
  );
}

interface TimeFieldProps {
  label: string;
  /** As it is written; readTime tells what it means. */
  value: string;
  change: (text: string) => void;
  /** Its label is heard, not seen: it stands in a row that says it. */
  bare?: boolean;
  error?: string;
}

/** An hour, written in any usual way. */
export function TimeField({ label, value, change, bare, error }: TimeFieldProps) {
  return (
    <TextInput
      label={bare ? undefined : label}
      aria-label={bare ? label : undefined}
      placeholder={clockTime('08:30')}
      value={value}
      error={error}
      onChange={(e) => change(e.currentTarget.value)}
    />
  );
}
