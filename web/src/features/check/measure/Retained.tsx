import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { newId } from '../../../api/client';
import { litres, readLitres, say, type Units } from '../../../ui/format';
import type { Pour } from '../draft';
import { retained } from './lean';
import classes from './Measure.module.css';

interface Props {
  units: Units;
  /** As it was measured, null before. */
  pour: Pour | null;
  take: (share: number, pour: Pour) => void;
  logToo: (logged: boolean) => void;
}

/** The share of a pour that stayed, from what was poured and what came out. */
export function Retained({ units, pour, take, logToo }: Props) {
  const [open, setOpen] = useState(false);
  const [poured, setPoured] = useState('');
  const [caught, setCaught] = useState('');
  const [tried, setTried] = useState(false);
  const [p, c] = [readLitres(poured, units), readLitres(caught, units)];
  const share = retained(p, c);
  if (pour) {
    return (
      <div className={classes.tool}>
        <span>
          {say(litres(pour.litres, units))} poured, {say(litres(pour.runOffLitres, units))} came out.
        </span>
        <Checkbox label="Log it as a watering of today, too" checked={pour.log} onChange={(e) => logToo(e.currentTarget.checked)} />
      </div>
    );
  }
  if (!open) {
    return (
      <div className={classes.tool}>
        <Button variant="default" size="sm" onClick={() => setOpen(true)}>
          Measure what stays
        </Button>
      </div>
    );
  }
  const wrong = 'Write an amount like 0.8 L or 2 qt.';
  return (
    <div className={classes.pour}>
      <TextInput label="Poured" value={poured} error={tried && p === null ? wrong : undefined} onChange={(e) => setPoured(e.currentTarget.value)} />
      <TextInput
        label="Came out below"
        value={caught}
        error={tried && (c === null ? wrong : p !== null && share === null ? 'More came out than was poured.' : undefined)}
        onChange={(e) => setCaught(e.currentTarget.value)}
      />
      <Button
        variant="default"
        onClick={() => {
          setTried(true);
          if (share !== null && p !== null && c !== null) take(share, { id: newId(), litres: p, runOffLitres: c, log: true });
        }}
      >
        {share === null ? 'Reckon' : `${Math.round(share * 100)} % stayed: take it`}
      </Button>
    </div>
  );
}
