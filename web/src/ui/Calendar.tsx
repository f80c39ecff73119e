import '@mantine/dates/styles.css';
import { DateInput } from '@mantine/dates';
import { useState } from 'react';
import { figuresOf, readDate } from './dates';
import type { DateFieldProps } from './DateField';
import { dayYear } from './format';

const isDate = (value: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(value);

export function CalendarInput({ value, change, weekStarts, min, max, required, error, ...rest }: DateFieldProps & { weekStarts: number }) {
  const language = navigator.language;
  const [wrong, setWrong] = useState<string | undefined>(undefined);
  const read = (text: string): string | undefined => {
    const iso = readDate(text, language);
    if (iso === null) return `There is no such date. Write it as ${figuresOf(language)}.`;
    if (min && iso < min) return `Not before ${dayYear(min)}.`;
    return max && iso > max ? `Not after ${dayYear(max)}.` : undefined;
  };
  return (
    <DateInput
      {...rest}
      value={isDate(value) ? value : null}
      onChange={(next) => {
        setWrong(undefined);
        change(next ?? '');
      }}
      onInput={(e) => {
        const text = e.currentTarget.value;
        const fault = text.trim() === '' ? undefined : read(text);
        setWrong(fault);
        // handed on as it is: whoever saves it is told at this field, and nothing else is saved in its place
        if (fault) change(readDate(text, language) ?? text);
      }}
      error={error ?? wrong}
      // what cannot be taken stays as it was typed, with what to mend
      fixOnBlur={wrong === undefined}
      valueFormat={figuresOf(language)}
      dateParser={(text) => readDate(text, language)}
      placeholder={figuresOf(language).toLowerCase()}
      firstDayOfWeek={(weekStarts % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6}
      minDate={min}
      maxDate={max}
      clearable={!required}
      clearButtonProps={{ 'aria-label': `Clear: ${rest.label}` }}
      popoverProps={{ withinPortal: true }}
    />
  );
}
