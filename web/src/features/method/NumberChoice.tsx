import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { LengthInput, MassInput } from '../../ui/LengthInput';
import page from '../../ui/Page.module.css';
import type { Units } from '../../ui/format';
import { numberWords, readNumber } from './choices';
import classes from './Method.module.css';

interface Props {
  title: string;
  number: Schemas['NumberView'];
  /** As it is stored, in the unit of the question; null where nothing is chosen here. */
  chosen: string | null;
  units: Units;
  mayChoose: boolean;
  busy: boolean;
  choose: (choice: string) => void;
}

/** A mass or a length that a team settles, in the reader's own unit. */
export function NumberChoice({ title, number, chosen, units, mayChoose, busy, choose }: Props) {
  const stored = chosen === null ? number.standard : Number(chosen);
  const [text, setText] = useState(() => numberWords(stored, number.unit, units));
  const read = readNumber(text, stored, number.unit, units);
  const fits = read !== null && read >= number.least && read <= number.most;
  const range = `Between ${numberWords(number.least, number.unit, units)} and ${numberWords(number.most, number.unit, units)}.`;
  const field = { label: title, bare: true, value: text, units, disabled: !mayChoose, error: fits ? undefined : range, description: range, change: setText };
  return (
    <form
      className={classes.number}
      onSubmit={(e) => {
        e.preventDefault();
        if (read !== null && fits) choose(String(read));
      }}
    >
      <p>
        {number.reason}. <span className={page.soft}>{number.cost}.</span>
      </p>
      {number.unit === 'g' ? <MassInput heavy {...field} /> : <LengthInput {...field} />}
      {mayChoose && (
        <Button type="submit" variant="default" disabled={busy}>
          Set
        </Button>
      )}
    </form>
  );
}
