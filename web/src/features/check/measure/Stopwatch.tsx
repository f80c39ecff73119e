import { Button } from '@mantine/core';
import { IconClock } from '@tabler/icons-react';
import { useEffect, useState } from 'react';
import classes from './Measure.module.css';

interface Props {
  /** The moment at which it was started, ms; null while it stands. */
  since: number | null;
  start: (at: number | null) => void;
  /** Seconds, when it was stopped. */
  stopped: (seconds: number) => void;
  /** How much to pour, said. */
  pour: string;
}

const TICK_MS = 200;

/** Times how long a pour takes to soak in; it runs on while the page is reloaded. */
export function Stopwatch({ since, start, stopped, pour }: Props) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (since === null) return undefined;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [since]);
  if (since === null) {
    return (
      <div className={classes.tool}>
        <span>Pour {pour}, wait until it is in, pour the same again and start.</span>
        <Button variant="default" size="sm" leftSection={<IconClock size={20} aria-hidden />} onClick={() => start(Date.now())}>
          Time it
        </Button>
      </div>
    );
  }
  const seconds = Math.max(0, Math.round((now - since) / 1000));
  return (
    <div className={classes.tool}>
      <output className={`${classes.count} measure`} role="timer" aria-label="Seconds since the pour">
        {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
      </output>
      <Button
        size="lg"
        onClick={() => {
          start(null);
          stopped(Math.max(1, Math.min(3600, Math.round((Date.now() - since) / 1000))));
        }}
      >
        It is in
      </Button>
      <Button variant="subtle" onClick={() => start(null)}>
        Stop
      </Button>
    </div>
  );
}
