import { UnstyledButton } from '@mantine/core';
import classes from './Steps.module.css';

interface Props {
  /** What is measured, for those who cannot see it. */
  label: string;
  index: number;
  last: number;
  value: string;
  change: (index: number) => void;
}

/** A measure by big steps: two large buttons and a slide between them, for gloves and for arrow keys. */
export function Steps({ label, index, last, value, change }: Props) {
  const to = (next: number) => change(Math.max(0, Math.min(last, next)));
  return (
    <div className={classes.steps}>
      <UnstyledButton className={classes.button} aria-label={`${label}: less`} onClick={() => to(index - 1)}>
        −
      </UnstyledButton>
      <input
        type="range"
        min={0}
        max={last}
        step={1}
        value={index}
        aria-label={label}
        aria-valuetext={value}
        onChange={(e) => to(Number(e.currentTarget.value))}
      />
      <UnstyledButton className={classes.button} aria-label={`${label}: more`} onClick={() => to(index + 1)}>
        +
      </UnstyledButton>
      <output className="measure">{value}</output>
    </div>
  );
}
