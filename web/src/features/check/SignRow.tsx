import { UnstyledButton } from '@mantine/core';
import { gradesOf, stepValue, tapAbsent, tapPresent, takesValue, valueWords, type SignItem, type Tapped } from './signs';
import classes from './SignRow.module.css';

interface Props {
  item: SignItem;
  tapped: Tapped;
  change: (next: Tapped) => void;
}

/** One sign with its three states; a grade or a value only once it is there. */
export function SignRow({ item, tapped, change }: Props) {
  const now = tapped[item.code];
  const present = now?.state === 'PRESENT';
  const grades = gradesOf(item);
  return (
    <li className={classes.row} data-state={now?.state ?? 'NOT_CHECKED'}>
      <div className={classes.label}>
        <span id={`sign-${item.code}`}>{item.label}</span>
        <small>{item.how}</small>
      </div>
      <div className={classes.taps} role="group" aria-labelledby={`sign-${item.code}`}>
        {grades.length > 0 ? (
          grades.map((g) => (
            <UnstyledButton
              key={g.code}
              className={classes.tap}
              aria-pressed={present && now.grade === g.code}
              onClick={() => change(tapPresent(tapped, item, g.code))}
            >
              {g.label}
            </UnstyledButton>
          ))
        ) : (
          <UnstyledButton className={classes.tap} aria-pressed={present} onClick={() => change(tapPresent(tapped, item))}>
            Yes
          </UnstyledButton>
        )}
        <UnstyledButton
          className={classes.tap}
          data-no
          aria-pressed={now?.state === 'ABSENT'}
          onClick={() => change(tapAbsent(tapped, item))}
        >
          No
        </UnstyledButton>
      </div>
      {present && takesValue(item) && (
        <div className={classes.stepper}>
          <UnstyledButton aria-label={`${item.label}: less`} onClick={() => change(stepValue(tapped, item, -1))}>
            −
          </UnstyledButton>
          <output className="measure">{valueWords(item, now.value ?? 0)}</output>
          <UnstyledButton aria-label={`${item.label}: more`} onClick={() => change(stepValue(tapped, item, 1))}>
            +
          </UnstyledButton>
        </div>
      )}
    </li>
  );
}
