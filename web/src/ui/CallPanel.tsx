import { UnstyledButton } from '@mantine/core';
import { IconChevronDown } from '@tabler/icons-react';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { EvidenceList } from './EvidenceList';
import { Carried } from './Carried';
import { dayYear, fromTo } from './format';
import { actionWords, levelWords, plain, urgencyWords } from './words';
import classes from './CallPanel.module.css';

interface Props {
  advice: Schemas['Advice'];
  signLabel: (code: string) => string;
  /** What to look at next is shown elsewhere. */
  hideLook?: boolean;
  /** Which choices of the method decided, where that is known. */
  method?: Schemas['MethodView'];
  /** Where a person can argue: what stands beside a line, and below the call. */
  beside?: (sign: string, setAside: boolean) => React.ReactNode;
  below?: React.ReactNode;
}

export function callDates(call: Schemas['Call']): string {
  if (call.from && call.to) {
    return fromTo(dayYear(call.from), dayYear(call.to));
  }
  return call.recheck ? `Look again ${dayYear(call.recheck)}` : '';
}

/** The call: what, how soon, why and by which few signs at one glance; all evidence one tap below. */
export function CallPanel({ advice, signLabel, hideLook = false, method, beside, below }: Props) {
  const { call } = advice;
  const [open, setOpen] = useState(false);
  return (
    <div className={classes.panel} data-urgency={call.urgency}>
      <p className={classes.urgency}>{urgencyWords(call.urgency)}</p>
      <h2 className={classes.action}>{actionWords(call.action)}</h2>
      <p className={`${classes.dates} measure`}>{callDates(call)}</p>
      {call.overruled && (
        <p className={classes.overruled}>
          {call.overruled.by} decided this. The rules would say: {actionWords(call.overruled.action).toLowerCase()}.
        </p>
      )}
      <ol className={classes.reasons}>
        {call.reasons.map((r) => (
          <li key={r}>{r}</li>
        ))}
      </ol>
      {call.holds.length > 0 && (
        <ul className={classes.holds}>
          {call.holds.map((h) => (
            <li key={h.code} data-overridden={h.overridden}>
              <strong>{h.overridden ? 'Overridden: ' : h.firm ? 'On hold: ' : 'Advice: '}</strong>
              {plain(h.code).toLowerCase()}. {h.liftedBy}
              {h.until && ` Until ${dayYear(h.until)}.`}
            </li>
          ))}
        </ul>
      )}
      {call.interim.length > 0 && (
        <ul className={classes.interim}>
          {call.interim.map((t) => (
            <li key={t}>{t}</li>
          ))}
        </ul>
      )}
      <Carried findings={advice.findings} signLabel={signLabel} />
      {call.also.length > 0 && (
        <section>
          <h3>Also do</h3>
          <ul className={classes.plainList}>
            {call.also.map((a) => (
              <li key={a.code}>{a.text}</li>
            ))}
          </ul>
        </section>
      )}
      {!hideLook && advice.lookNext.length > 0 && (
        <section className={classes.look}>
          <h3>Look at next</h3>
          <ul>
            {advice.lookNext.map((l) => (
              <li key={l.sign}>
                <strong>{l.sign === 'SLIP_CHECK' ? 'Slip check' : signLabel(l.sign)}.</strong> {l.how} <i>{l.why}</i>
              </li>
            ))}
          </ul>
        </section>
      )}
      {(call.alternatives.length > 0 || (method && method.turns.length > 0)) && (
        <section>
          <h3>What would change it</h3>
          <ul className={classes.plainList}>
            {call.alternatives.map((a) => (
              <li key={a.action}>
                <strong>{actionWords(a.action)}:</strong> {a.when}
              </li>
            ))}
            {method?.turns.map((t) => (
              <li key={t.key + t.other}>
                <strong>
                  {actionWords(t.action)}, {urgencyWords(t.urgency).toLowerCase()}:
                </strong>{' '}
                by another method. “{t.title}” stands at “{t.chosen}” ({levelWords(t.level)}), not “{t.other}”.
              </li>
            ))}
          </ul>
        </section>
      )}
      {method && method.turns.length === 0 && (
        <p className={classes.method}>Any choice of method would lead to the same call.</p>
      )}
      {below}
      <UnstyledButton className={classes.toggle} aria-expanded={open} onClick={() => setOpen(!open)}>
        <IconChevronDown size={18} aria-hidden data-open={open} />
        Evidence for and against
      </UnstyledButton>
      {open && <EvidenceList findings={advice.findings} signLabel={signLabel} beside={beside} />}
    </div>
  );
}
