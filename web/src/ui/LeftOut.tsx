import { IconClipboardX } from '@tabler/icons-react';
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

const given = (value: string | null) => (value === null ? '' : ` (${value})`);

/** Facts on record that the rules refuse: they were not counted, and can be mended. */
export function LeftOut({ facts, mendAt, where = 'Mend it there' }: { facts: Schemas['LeftOut'][]; mendAt?: string; where?: string }) {
  if (facts.length === 0) return null;
  return (
    <section className={classes.leftOut} aria-labelledby="left-out">
      <h2 id="left-out">
        <IconClipboardX size={20} aria-hidden /> Not counted
      </h2>
      <ul>
        {facts.map((f) => (
          <li key={f.field + f.message}>
            <b>{what(f.field)}</b>
            {given(f.value)}: {f.message}
          </li>
        ))}
      </ul>
      {mendAt && <Link to={mendAt}>{where}</Link>}
    </section>
  );
}
