import '@mantine/dates/styles.css';
import { DateInput, TimePicker } from '@mantine/dates';
import { figuresOf, readDate, twelveHours } from './dates';
import type { DateFieldProps, TimeFieldProps } from './DateField';

export function CalendarInput({ value, change, weekStarts, min, max, ...rest }: DateFieldProps & { weekStarts: number }) {
  const language = navigator.language;
  return (
    <DateInput
      {...rest}
      value={value || null}
      onChange={(next) => change(next ?? '')}
      valueFormat={figuresOf(language)}
      dateParser={(text) => readDate(text, language)}
      placeholder={figuresOf(language).toLowerCase()}
      firstDayOfWeek={(weekStarts % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6}
      minDate={min}
      maxDate={max}
      withAsterisk={false}
      clearable={!rest.required}
      clearButtonProps={{ 'aria-label': `Clear: ${rest.label}` }}
      popoverProps={{ withinPortal: true }}
    />
  );
}

export function ClockInput({ value, change, label, bare, error, description }: TimeFieldProps) {
  return (
    <TimePicker
      label={bare ? undefined : label}
      description={description}
      error={error}
      value={value}
      onChange={(next) => change(next.slice(0, 5))}
      format={twelveHours(navigator.language) ? '12h' : '24h'}
      hoursInputLabel={`${label}, hours`}
      minutesInputLabel={`${label}, minutes`}
      amPmInputLabel={`${label}, before or after noon`}
    />
  );
}
