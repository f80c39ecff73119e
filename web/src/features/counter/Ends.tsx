import { Button, Checkbox, TextInput } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { DateField } from '../../ui/DateField';
import { addDays, day } from '../../ui/format';
import { useReader } from '../team/session';
import classes from './Counter.module.css';

interface Props {
  look: Schemas['LookRequest'];
  advice: Schemas['Advice'];
  kept: Schemas['WalkInView'] | null;
  keep: (kept: Schemas['WalkInView']) => void;
  next: () => void;
}

const PROMISED_DAYS = 3;

/** How it ends: potted here, left for work, or good advice. */
export function Ends({ look, advice, kept, keep, next }: Props) {
  const { today } = useReader();
  const once = useOnce();
  const [customer, setCustomer] = useState('');
  const [reach, setReach] = useState('');
  const [agreed, setAgreed] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const [promised, setPromised] = useState(addDays(today, PROMISED_DAYS));
  const [note, setNote] = useState('');
  const write = useWrite(writes.keepWalkIn, {
    failed: once.refused,
  });
  const pot = useWrite(writes.potWalkIn);
  const leave = useWrite(writes.leaveWalkIn);
  const plan = advice.repot;
  const now = plan !== null && plan.candidates.some((c) => c.rank === 1) && advice.call.from !== null && advice.call.from <= today;
  const risky = plan?.rootWork.confirm === true;
  const busy = write.isPending || pot.isPending || leave.isPending;
  const end = async (how: 'ADVICE' | 'POTTED' | 'LEFT') => {
    try {
      const there = await write.mutateAsync({ id: once.id(), request: { customer, reach, look } });
      if (how === 'ADVICE') return keep(there);
      const more = { potId: look.potId, mix: look.mix, confirmed: risky ? agreed : null };
      if (how === 'POTTED') return keep(await pot.mutateAsync({ id: there.id, request: more }));
      keep(await leave.mutateAsync({ id: there.id, request: { promisedOn: promised, note, ...more } }));
    } catch {
      // told beside; what was typed stays
    }
  };
  if (kept) return <Kept kept={kept} next={next} />;
  return (
    <form
      className={classes.ends}
      onSubmit={(e) => {
        e.preventDefault();
        void end(leaving ? 'LEFT' : now ? 'POTTED' : 'ADVICE');
      }}
    >
      <div className={classes.row}>
        <TextInput label="Customer" description="Empty takes a number." value={customer} maxLength={80} onChange={(e) => setCustomer(e.currentTarget.value)} />
        <TextInput label="How to reach them" description="Only where they want it." value={reach} maxLength={120} onChange={(e) => setReach(e.currentTarget.value)} />
      </div>
      {risky && <Checkbox checked={agreed} label="More than a third of the ball goes; the customer knows and agrees." onChange={(e) => setAgreed(e.currentTarget.checked)} />}
      {leaving && (
        <div className={classes.row}>
          <DateField label="Promised for" value={promised} min={today} change={setPromised} />
          <TextInput label="What was agreed" value={note} maxLength={400} onChange={(e) => setNote(e.currentTarget.value)} />
        </div>
      )}
      <div className={classes.acts}>
        {leaving ? (
          <>
            <Button type="submit" loading={busy}>
              Take it in
            </Button>
            <Button variant="subtle" onClick={() => setLeaving(false)}>
              Not left
            </Button>
          </>
        ) : (
          <>
            {now && (
              <Button type="submit" loading={busy}>
                Potted: make its card
              </Button>
            )}
            <Button variant="default" disabled={busy} onClick={() => setLeaving(true)}>
              They leave it here
            </Button>
            <Button type={now ? 'button' : 'submit'} variant={now ? 'subtle' : 'filled'} loading={!now && busy} disabled={busy} onClick={now ? () => void end('ADVICE') : undefined}>
              Advice to take home
            </Button>
          </>
        )}
      </div>
    </form>
  );
}

/** What goes along, to be printed. */
function Kept({ kept, next }: { kept: Schemas['WalkInView']; next: () => void }) {
  const first = useRef<HTMLAnchorElement>(null);
  useEffect(() => first.current?.focus(), []);
  const here = kept.status === 'HERE';
  return (
    <div className={classes.kept} role="status">
      <p>
        <b className={classes.number}>{kept.number}</b> {kept.customer}. {here ? `Left for work, promised for ${kept.promisedOn ? day(kept.promisedOn) : ''}.` : kept.potted ? 'Potted. This goes along:' : 'Kept. This goes along:'}
      </p>
      <div className={classes.acts}>
        {kept.potted && kept.jobId && (
          <>
            <Button ref={first} component="a" href={`/api/jobs/${kept.jobId}/card/sheet?size=HALF`} target="_blank" rel="noreferrer">
              The card
            </Button>
            <Button component="a" variant="default" href={`/api/jobs/${kept.jobId}/card/sheet?size=LABEL`} target="_blank" rel="noreferrer">
              Label for the pot
            </Button>
          </>
        )}
        {here && (
          <Button ref={first} component="a" href={`/api/counter/${kept.id}/label`} target="_blank" rel="noreferrer">
            Its numbered label
          </Button>
        )}
        {!kept.potted && (
          <Button ref={here ? undefined : first} variant={here ? 'default' : 'filled'} component="a" href={`/api/counter/${kept.id}/slip`} target="_blank" rel="noreferrer">
            The advice, with its price
          </Button>
        )}
        <Button variant="default" onClick={next}>
          Next customer
        </Button>
      </div>
    </div>
  );
}
