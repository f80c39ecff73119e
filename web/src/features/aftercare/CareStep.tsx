import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { DateField } from '../../ui/DateField';
import { day } from '../../ui/format';
import { useReader } from '../team/session';
import classes from './CareStep.module.css';

type Step = Schemas['CareView'];

/** One step of aftercare: what it is, what is normal and what is not, and that it is done, left out or moved. */
export function CareStep({ step: s, plantId }: { step: Step; plantId: string }) {
  const { today, mayWork } = useReader();
  const [asking, setAsking] = useState<'skip' | 'move' | null>(null);
  const [why, setWhy] = useState('');
  const [from, setFrom] = useState(s.fromOn);
  const done = useWrite(writes.careDone);
  const skip = useWrite(writes.skipCare, { done: () => setAsking(null) });
  const move = useWrite(writes.moveCare, { done: () => setAsking(null) });
  const open = s.doneOn === null && s.skippedWhy === null;
  const late = open && s.who === 'TECHNICIAN' && s.toOn < today;
  return (
    <li className={classes.step} data-now={open && s.fromOn <= today && s.toOn >= today} data-closed={!open}>
      <span className={`${classes.when} measure`}>
        {day(s.fromOn)}
        {s.toOn !== s.fromOn && ` – ${day(s.toOn)}`}
      </span>
      <div>
        <p>
          {s.doneOn && '✓ '}
          {s.text} <span className={classes.by}>{s.who === 'CARETAKER' ? 'Caretaker' : 'Technician'}</span>
          {late && <strong className={classes.late}> missed</strong>}
        </p>
        {s.skippedWhy && <p className={classes.by}>Left out: {s.skippedWhy}</p>}
        {s.wasFrom && <p className={classes.by}>Was to begin on {day(s.wasFrom)}.</p>}
        {open && (
          <details>
            <summary>What is normal, and what is not</summary>
            <p>Normal: {s.normal}</p>
            <p className={classes.alarm}>
              Not normal: {s.alarming} <b>{s.then}</b>
            </p>
          </details>
        )}
      </div>
      {mayWork && (
        <div className={classes.acts}>
          {s.who === 'TECHNICIAN' && open && (
            <Button size="sm" loading={done.isPending} onClick={() => done.mutate({ stepId: s.id, plantId, doneOn: today })}>
              Done
            </Button>
          )}
          {!open && (
            <Button
              variant="subtle"
              size="sm"
              loading={done.isPending || skip.isPending}
              onClick={() => (s.doneOn ? done.mutate({ stepId: s.id, plantId, doneOn: null }) : skip.mutate({ stepId: s.id, plantId, why: null }))}
            >
              Open again
            </Button>
          )}
          {open && asking === null && (
            <>
              <Button variant="subtle" size="sm" onClick={() => setAsking('move')}>
                Another day
              </Button>
              <Button variant="subtle" size="sm" onClick={() => setAsking('skip')}>
                Leave out
              </Button>
            </>
          )}
        </div>
      )}
      {asking === 'skip' && (
        <div className={classes.ask}>
          <TextInput label="Why is it left out?" value={why} maxLength={400} data-autofocus onChange={(e) => setWhy(e.currentTarget.value)} />
          <Act missing={why.trim() === '' && 'Say why.'} loading={skip.isPending} onClick={() => skip.mutate({ stepId: s.id, plantId, why: why.trim() })}>
            Leave it out
          </Act>
          <Button variant="subtle" onClick={() => setAsking(null)}>
            Keep it
          </Button>
        </div>
      )}
      {asking === 'move' && (
        <div className={classes.ask}>
          <DateField label="From" value={from} change={setFrom} />
          <Act missing={!from && 'Give the day.'} loading={move.isPending} onClick={() => move.mutate({ stepId: s.id, plantId, fromOn: from })}>
            Move it
          </Act>
          <Button variant="subtle" onClick={() => setAsking(null)}>
            Keep it
          </Button>
        </div>
      )}
    </li>
  );
}
