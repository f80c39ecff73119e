import { TextInput, type MantineSize } from '@mantine/core';
import { createContext, lazy, Suspense, useContext } from 'react';

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

export interface TimeFieldProps {
  label: string;
  /** HH:mm, empty for none. */
  value: string;
  change: (hhmm: string) => void;
  /** Its label is heard, not seen: it stands in a row that says it. */
  bare?: boolean;
  description?: string;
  error?: string;
}

/** The day on which calendars begin a week: 1 for Monday to 7 for Sunday. */
export const WeekStarts = createContext(1);

const Calendar = lazy(() => import('./Calendar').then((m) => ({ default: m.CalendarInput })));
const Clock = lazy(() => import('./Calendar').then((m) => ({ default: m.ClockInput })));

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

/** An hour as the reader writes hours. */
export function TimeField(props: TimeFieldProps) {
  return (
    <Suspense fallback={<Waits label={props.label} description={props.description} />}>
      <Clock {...props} />
    </Suspense>
  );
}
