import { Button, Modal, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { reads } from '../../api/reads';
import { litres, readLitres, say, type Units } from '../../ui/format';
import type { ToWater } from './Watered';
import classes from './Watering.module.css';

interface AmountProps {
  plant: ToWater;
  units: Units;
  busy: boolean;
  close: () => void;
  send: (litres: number, runOff: number | null) => void;
}

/** Another amount than the usual one, and what ran out. */
export function Amount({ plant, units, busy, close, send }: AmountProps) {
  const known = useQuery({ ...reads.plant(plant.id), enabled: plant.usual === null });
  const reckoned = known.data?.advice.water.before.litres ?? null;
  const offered = plant.usual ?? reckoned;
  const [text, setText] = useState<string | null>(null);
  const [caught, setCaught] = useState('');
  /** A tap before the amount is here would send nothing. */
  const reckoning = plant.usual === null && text === null && known.isLoading;
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const shown = text ?? (offered === null ? '' : say(litres(offered, units)));
  const submit = () => {
    const given = text === null && offered !== null ? offered : readLitres(shown, units);
    const out = caught.trim() === '' ? null : readLitres(caught, units);
    const bad: Record<string, string> = {};
    if (given === null || given <= 0) bad.litres = 'Write an amount like 0.8 L, 800 ml or 1 qt.';
    if (caught.trim() !== '' && out === null) bad.runOffLitres = 'Write an amount like 0.1 L, or leave it empty.';
    if (given !== null && out !== null && out > given) bad.runOffLitres = 'More came out than was poured.';
    setWrong(bad);
    if (given !== null && Object.keys(bad).length === 0) send(given, out);
  };
  return (
    <Modal opened onClose={close} title={`${plant.name} ${plant.label}`}>
      <form
        className={classes.form}
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          submit();
        }}
      >
        {plant.keepDry && (
          <p className={classes.dry} role="alert">
            {plant.keepDry}
          </p>
        )}
        <TextInput
          label="Poured"
          description={plant.usual === null && reckoned !== null ? 'Reckoned from its leaves, light and pot.' : undefined}
          inputMode="decimal"
          data-autofocus
          value={shown}
          error={wrong.litres}
          onChange={(e) => setText(e.currentTarget.value)}
        />
        <TextInput
          label="Caught below"
          description="What ran out. It tells how much the ball keeps; leave it empty if nobody caught it."
          inputMode="decimal"
          value={caught}
          error={wrong.runOffLitres}
          onChange={(e) => setCaught(e.currentTarget.value)}
        />
        <Button type="submit" loading={busy || reckoning} color={plant.keepDry ? 'oxblood' : undefined}>
          {plant.keepDry ? 'It was watered all the same' : 'Watered'}
        </Button>
      </form>
    </Modal>
  );
}
