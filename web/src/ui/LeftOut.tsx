import { IconClipboardX } from '@tabler/icons-react';
import { useId } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import classes from './LeftOut.module.css';

const WHAT: [RegExp, string][] = [
  [/^(pot\.)?topMm$/, 'Width of the pot'],
  [/^(pot\.)?baseMm$/, 'Base of the pot'],
  [/^(pot\.)?heightMm$/, 'Depth of the pot'],
  [/^(pot\.)?massG$/, 'Mass of the pot'],
  [/^(pot\.)?footMm$/, 'Foot of the pot'],
  [/^(pot\.)?mouthMm$/, 'Mouth of the pot'],
  [/^pot\./, 'The pot'],
  [/^ball/, 'The measured ball'],
  [/^signs/, 'A sign'],
  [/^plant\.states/, 'A state'],
  [/^plant\.lastRepotted/, 'The day of its last repot'],
  [/^plant\.species|^plant\.group/, 'Its species'],
  [/^plant\.mix/, 'Its mix'],
  [/^plant\.heightMm/, 'Its height'],
  [/^plant\.spreadMm/, 'Its spread'],
  [/^history\.waterings|^watering/, 'A watering'],
  [/^history\.measures/, 'A measure'],
  [/^candidates/, 'A pot on the shelf'],
  [/^argument/, 'Something set aside or overruled'],
  [/^method/, 'The method'],
  [/^site|^spot/, 'Its place'],
];

const what = (field: string) => WHAT.find(([pattern]) => pattern.test(field))?.[1] ?? 'Something';

/** What the rules say of a day after the case's own. */
const FUTURE = 'Must not be after the date of the case.';

const told = (message: string) => (message === FUTURE ? 'This day lies in the future.' : message);

/** Of the plant itself; pots on the shelf are named there and where pots are compared. */
export const ofPlant = (facts: Schemas['LeftOut'][]) => facts.filter((f) => !f.field.startsWith('candidates'));

export const ofShelf = (facts: Schemas['LeftOut'][]) => facts.filter((f) => f.field.startsWith('candidates'));

/** One fact in a line of its own. */
export const sayLeftOut = (f: Schemas['LeftOut']) => `${what(f.field)}${given(f.value)}: ${told(f.message)}`;

const given = (value: string | null) => (value === null ? '' : ` (${value})`);

/** Facts on record that the rules refuse: they were not counted, and can be mended. */
export function LeftOut({ facts, mendAt, where = 'Mend it there' }: { facts: Schemas['LeftOut'][]; mendAt?: string; where?: string }) {
  const id = useId();
  if (facts.length === 0) return null;
  return (
    <section className={classes.leftOut} aria-labelledby={id}>
      <h2 id={id}>
        <IconClipboardX size={20} aria-hidden /> Not counted
      </h2>
      <ul>
        {facts.map((f) => (
          <li key={f.field + f.message}>
            <b>{what(f.field)}</b>
            {given(f.value)}: {told(f.message)}
          </li>
        ))}
      </ul>
      {mendAt && <Link to={mendAt}>{where}</Link>}
    </section>
  );
}
