import type { Measured } from './format';
import classes from './Measure.module.css';

/** A number set apart from words, in the condensed face. */
export function Measure({ of, size = 'md' }: { of: Measured; size?: 'sm' | 'md' | 'lg' }) {
  return (
    <span className={`${classes.measure} ${classes[size]}`}>
      {of.value}
      {of.unit && <span className={classes.unit}> {of.unit}</span>}
    </span>
  );
}

/** A named number on a rule's scale. */
export function Figure({ name, of, note }: { name: string; of: Measured; note?: string }) {
  return (
    <div className={classes.figure}>
      <dt>{name}</dt>
      <dd>
        <Measure of={of} size="lg" />
        {note && <span className={classes.note}>{note}</span>}
      </dd>
    </div>
  );
}
