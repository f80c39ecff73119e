import { Button } from '@mantine/core';
import { useEffect, useState } from 'react';
import { KEPT, leanOf, middle, spreadOf } from './lean';
import classes from './Measure.module.css';

/** Some devices ask first whether a page may know how they are held. */
interface Asking {
  requestPermission?: () => Promise<'granted' | 'denied'>;
}

/** Without an answer for so long, the device does not say how it is held. */
const SILENT_MS = 2500;

/** The lean of a stem, from a phone that is laid along it. */
export function LeanByPhone({ take }: { take: (degrees: number) => void }) {
  const [state, setState] = useState<'off' | 'on' | 'silent' | 'refused'>('off');
  const [readings, setReadings] = useState<number[]>([]);
  useEffect(() => {
    if (state !== 'on') return undefined;
    const hear = ({ beta }: DeviceOrientationEvent) => {
      if (beta !== null) setReadings((before) => [...before.slice(1 - KEPT), leanOf(beta)]);
    };
    window.addEventListener('deviceorientation', hear);
    return () => window.removeEventListener('deviceorientation', hear);
  }, [state]);
  const heard = readings.length > 0;
  useEffect(() => {
    if (state !== 'on' || heard) return undefined;
    const timer = setTimeout(() => setState('silent'), SILENT_MS);
    return () => clearTimeout(timer);
  }, [state, heard]);
  if (!('DeviceOrientationEvent' in window)) return null;
  const begin = async () => {
    const asks = (DeviceOrientationEvent as unknown as Asking).requestPermission;
    const answer = asks ? await asks.call(DeviceOrientationEvent).catch(() => 'denied') : 'granted';
    setReadings([]);
    setState(answer === 'granted' ? 'on' : 'refused');
  };
  const lean = middle(readings);
  if (state === 'off' || state === 'silent' || state === 'refused') {
    return (
      <div className={classes.tool}>
        {state === 'silent' && <span role="status">This device does not say how it is held{window.isSecureContext ? '' : ' to a page that is not secure'}.</span>}
        {state === 'refused' && <span role="status">It was not allowed to say how it is held.</span>}
        <Button variant="default" size="sm" onClick={() => void begin()}>
          Lay the phone along the stem
        </Button>
      </div>
    );
  }
  return (
    <div className={classes.tool}>
      <span>Its long edge along the lower stem, on the side to which it leans.</span>
      <output className={`${classes.count} measure`} aria-label="Lean">
        {lean === null ? '…' : `${Math.round(lean)}° ± ${Math.round(spreadOf(readings))}°`}
      </output>
      <Button
        disabled={lean === null}
        onClick={() => {
          if (lean === null) return;
          take(Math.min(60, Math.round(lean)));
          setState('off');
        }}
      >
        {lean === null ? 'Waiting for the sensor' : 'Take it'}
      </Button>
      <Button variant="subtle" onClick={() => setState('off')}>
        Stop
      </Button>
    </div>
  );
}
