import { UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { Steps } from '../../ui/Steps';
import { day } from '../../ui/format';
import {
  gradesOf, seenWords, setStep, stepIndex, stepsOf, tapAbsent, tapPresent, takesValue, valueWords, type SignItem, type Tapped,
} from './signs';
import classes from './SignRow.module.css';

interface Props {
  item: SignItem;
  tapped: Tapped;
  change: (next: Tapped) => void;
  /** As an earlier check saw it, while that still counts. */
  earlier?: Schemas['StandingSign'];
  /** Where it stands on the page a second time, it needs names of its own. */
  prefix?: string;
  /** Why it is asked for. */
  why?: string;
  /** With which it is measured rather than judged. */
  tool?: ReactNode;
}

/** One sign with its three states; a grade or a value only once it is there. */
export function SignRow({ item, tapped, change, earlier, prefix = 'sign', why, tool }: Props) {
  const now = tapped[item.code];
  const present = now?.state === 'PRESENT';
  const grades = gradesOf(item);
  const id = `${prefix}-${item.code}`;
  return (
    <li className={classes.row} data-state={now?.state ?? 'NOT_CHECKED'} data-wide={grades.length > 1}>
      <div className={classes.label}>
        <span id={id}>{item.label}</span>
        <small>{item.how}</small>
        {why && <small className={classes.why}>{why}</small>}
        {earlier && !now && (
          <small className={classes.earlier}>
            {day(earlier.seenOn)}: {seenWords(item, earlier)}
            {earlier.lasts ? '; still counts' : '; counts until this check'}
          </small>
        )}
      </div>
      <div className={classes.taps} role="group" aria-labelledby={id}>
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
        <div className={classes.value}>
          <Steps
            label={item.label}
            index={stepIndex(item, now.value ?? 0)}
            last={stepsOf(item).length - 1}
            value={valueWords(item, now.value ?? 0)}
            change={(index) => change(setStep(tapped, item, index))}
          />
        </div>
      )}
      {tool && <div className={classes.value}>{tool}</div>}
    </li>
  );
}
