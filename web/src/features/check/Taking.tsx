import { Button, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { DateField, TimeField } from '../../ui/DateField';
import { readTime } from '../../ui/dates';
import { clockTime, weekday } from '../../ui/format';
import classes from './CheckPage.module.css';

/** Where only the day is known. */
const NOON = '12:00';

interface Props {
  who: string;
  /** Local date and time, null for now. */
  when: string | null;
  today: string;
  minutes: number;
  change: (next: { when?: string | null; minutes?: number }) => void;
}

/** Who, when and how long: filled in by themselves, and each can be put right. */
export function Taking({ who, when, today, minutes, change }: Props) {
  const [open, setOpen] = useState(false);
  /** As it is being written. */
  const [hour, setHour] = useState<string | null>(null);
  return (
    <div className={classes.taking}>
      <span>
        {who}, {when ? `${weekday(when)}, ${clockTime(when.slice(11, 16))}` : 'now'}
      </span>
      <span className={classes.minutes}>
        <UnstyledButton aria-label="A minute less" onClick={() => change({ minutes: Math.max(1, minutes - 1) })}>
          −
        </UnstyledButton>
        <output className="measure" aria-label="Minutes taken">
          {minutes} min
        </output>
        <UnstyledButton aria-label="A minute more" onClick={() => change({ minutes: Math.min(240, minutes + 1) })}>
          +
        </UnstyledButton>
      </span>
      <Button variant="subtle" size="sm" aria-expanded={open} onClick={() => setOpen(!open)}>
        Another time
      </Button>
      {open && (
        <div className={classes.when}>
          <DateField
            label="Day on which it was looked at"
            max={today}
            value={(when ?? today).slice(0, 10)}
            required
            change={(on) => /^\d{4}-\d{2}-\d{2}$/.test(on) && on <= today && change({ when: `${on}T${when?.slice(11, 16) || NOON}` })}
          />
          <TimeField
            label="At"
            value={hour ?? (when ? clockTime(when.slice(11, 16)) : '')}
            error={hour !== null && readTime(hour) === null ? `Write an hour like ${clockTime('08:30')}.` : undefined}
            change={(text) => {
              setHour(text);
              const at = readTime(text);
              if (at) change({ when: `${(when ?? today).slice(0, 10)}T${at}` });
            }}
          />
          <Button
            variant="default"
            onClick={() => {
              change({ when: null });
              setHour(null);
              setOpen(false);
            }}
          >
            Now
          </Button>
        </div>
      )}
    </div>
  );
}
