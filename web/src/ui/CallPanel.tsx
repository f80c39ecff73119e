import { UnstyledButton } from '@mantine/core';
import { IconChevronDown } from '@tabler/icons-react';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { EvidenceList } from './EvidenceList';
import { dayYear } from './format';
import { actionWords, plain, urgencyWords } from './words';
import classes from './CallPanel.module.css';

interface Props {
  advice: Schemas['Advice'];
  signLabel: (code: string) => string;
  /** Tells screen readers when the call changes. */
  live?: boolean;
  lookNextFirst?: boolean;
}

export function callDates(call: Schemas['Call']): string {
  if (call.from && call.to) {
    return call.from === call.to ? dayYear(call.from) : `${dayYear(call.from)} to ${dayYear(call.to)}`;
  }
  return call.recheck ? `Look again ${dayYear(call.recheck)}` : '';
}

/** The call: what, how soon and why at one glance; the evidence one tap below. */
export function CallPanel({ advice, signLabel, live = false, lookNextFirst = false }: Props) {
  const { call } = advice;
  const [open, setOpen] = useState(false);
  const look = advice.lookNext.length > 0 && (
    <section className={classes.look}>
      <h3>Look at next</h3>
      <ul>
        {advice.lookNext.map((l) => (
          <li key={l.sign}>
            <strong>{l.sign === 'SLIP_CHECK' ? 'Slip check' : signLabel(l.sign)}.</strong> {l.how}
          </li>
        ))}
      </ul>
    </section>
  );
  return (
    <div className={classes.panel} data-urgency={call.urgency}>
      <div aria-live={live ? 'polite' : undefined} aria-atomic="true">
        <p className={classes.urgency}>{urgencyWords(call.urgency)}</p>
        <h2 className={classes.action}>{actionWords(call.action)}</h2>
        <p className={`${classes.dates} measure`}>{callDates(call)}</p>
        <ol className={classes.reasons}>
          {call.reasons.map((r) => (
            <li key={r}>{r}</li>
          ))}
        </ol>
      </div>
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
      {lookNextFirst && look}
      {call.interim.length > 0 && (
        <ul className={classes.interim}>
          {call.interim.map((t) => (
            <li key={t}>{t}</li>
          ))}
        </ul>
      )}
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
      {!lookNextFirst && look}
      {call.alternatives.length > 0 && (
        <section>
          <h3>What would change it</h3>
          <ul className={classes.plainList}>
            {call.alternatives.map((a) => (
              <li key={a.action}>
                <strong>{actionWords(a.action)}:</strong> {a.when}
              </li>
            ))}
          </ul>
        </section>
      )}
      <UnstyledButton className={classes.toggle} aria-expanded={open} onClick={() => setOpen(!open)}>
        <IconChevronDown size={18} aria-hidden data-open={open} />
        Evidence for and against
      </UnstyledButton>
      {open && <EvidenceList findings={advice.findings} signLabel={signLabel} />}
    </div>
  );
}
