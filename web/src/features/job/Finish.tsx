import { Radio, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId, type Schemas } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { notifyDone } from '../../ui/notify';
import { teamNow, useReader } from '../team/session';
import { minutesSince } from './bench';
import classes from './JobPage.module.css';

type JobView = Schemas['JobView'];
type OldPot = 'SHELF' | 'WASTE' | 'CLIENT';

/** The last of the sheet: how long it took, where the old pot goes, what came of it. */
export function Finish({ data }: { data: JobView }) {
  const { job, advice } = data;
  const { today } = useReader();
  const navigate = useNavigate();
  const [minutes, setMinutes] = useState<string | null>(null);
  const [oldPot, setOldPot] = useState<OldPot | null>(null);
  const pieces = job.action === 'DIVIDE' ? (advice.repot?.pieces ?? 1) - 1 : 0;
  const strikes = (advice.repot?.rootWork.canopyShare ?? 0) > 0;
  const [children, setChildren] = useState(() => Array.from({ length: pieces + (strikes ? 1 : 0) }, () => ({ id: newId(), label: '' })));
  const moved = advice.repot !== null && job.potId !== null && job.potId !== 'current';
  const broken = job.action === 'BREAK_OUT' && data.wish?.breakOut !== 'POT';
  const shown = minutes ?? String(minutesSince(data.steps, Date.parse(teamNow())) ?? job.minutes);
  const valid = /^\d{1,4}$/.test(shown) && Number(shown) > 0;
  const done = useWrite(writes.finishJob, {
    done: (next) => {
      notifyDone('Done. Aftercare has started.');
      void navigate(next.advice.repot ? `/jobs/${job.id}/card` : `/plants/${job.plantId}`);
    },
    failed: (e) => faultsByField(e).offspring !== undefined,
  });
  const request = {
    doneOn: today,
    minutes: Number(shown),
    oldPot: moved ? oldPot : null,
    offspring: children.flatMap(({ id, label }, i) =>
      label.trim() === '' ? [] : [{ id, label: label.trim(), kind: i < pieces ? ('PIECE' as const) : ('CUTTING' as const) }],
    ),
  };
  const left = data.steps.filter((s) => s.tickedAt === null).length;
  return (
    <form
      className={classes.finish}
      onSubmit={(e) => {
        e.preventDefault();
        done.mutate({ id: job.id, request });
      }}
    >
      <h2>When it is done</h2>
      <p>{left === 0 ? 'Every step is ticked.' : `${left} steps are not ticked.`}</p>
      <TextInput
        label="Minutes it took"
        inputMode="numeric"
        value={shown}
        error={valid ? faultsByField(done.error).minutes : 'Write whole minutes.'}
        onChange={(e) => setMinutes(e.currentTarget.value)}
      />
      {moved && (
        <Radio.Group label="The old pot goes" value={oldPot ?? ''} onChange={(v) => setOldPot(v as OldPot)}>
          <div className={classes.radios}>
            {!broken && <Radio value="SHELF" label="back on the shelf" />}
            <Radio value="WASTE" label="to waste" />
            <Radio value="CLIENT" label="to the client" />
          </div>
        </Radio.Group>
      )}
      {children.map(({ id, label }, i) => (
        <TextInput
          key={id}
          label={i < pieces ? `Label of piece ${i + 2}` : 'Label for the cuttings, if some are struck'}
          description={i < pieces ? 'Entered as a plant of its own; empty: given away' : undefined}
          value={label}
          onChange={(e) => setChildren(children.map((c) => (c.id === id ? { id, label: e.currentTarget.value } : c)))}
        />
      ))}
      {faultsByField(done.error).offspring && <p role="alert">{faultsByField(done.error).offspring}</p>}
      <Act
        type="submit"
        size="lg"
        fullWidth
        loading={done.isPending}
        missing={!valid ? 'Write the minutes it took.' : moved && oldPot === null && 'Say where the old pot goes.'}
      >
        {advice.repot ? 'Done: start the aftercare' : 'Put back: close the job'}
      </Act>
    </form>
  );
}
