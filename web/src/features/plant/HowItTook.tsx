import { Button, Radio, Textarea } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { BeforeAfter } from '../../ui/BeforeAfter';
import { DateField } from '../../ui/DateField';
import { LengthInput } from '../../ui/LengthInput';
import { daysBetween, dayYear, readLength, say, width, type Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { LEAF_LOSS, leafLossWords, resultWords } from '../../ui/words';
import { useReader } from '../team/session';
import type { PlantView } from './usePlant';
import classes from './PlantPage.module.css';

type Outcome = Schemas['OutcomeView'];

/** What was measured since the work, in words. */
export function measuredWords(o: Outcome, units: Units): string[] {
  const words: string[] = [];
  if (o.heightMm !== null && o.heightBeforeMm !== null) {
    const grown = o.heightMm - o.heightBeforeMm;
    words.push(
      Math.abs(grown) < LEAST_MM
        ? `as tall as before, ${say(width(o.heightMm, units))}`
        : `${say(width(Math.abs(grown), units))} ${grown > 0 ? 'taller' : 'shorter'} than before, now ${say(width(o.heightMm, units))}`,
    );
  } else if (o.heightMm !== null) words.push(`${say(width(o.heightMm, units))} tall`);
  if (o.firstGrowthOn) words.push(`first new growth after ${daysBetween(o.workedOn, o.firstGrowthOn)} days`);
  if (o.leafLoss) words.push(leafLossWords(o.leafLoss));
  return words;
}

/** Less is no growth but how it is measured. */
const LEAST_MM = 5;

/** How the last repot was taken, with what was measured against the day of the work, and photos before and after. */
export function HowItTook({ data, job }: { data: PlantView; job: Schemas['JobSummary'] }) {
  const { units, mayWork } = useReader();
  const [open, setOpen] = useState(false);
  const outcome = data.outcomes.find((o) => o.jobId === job.id);
  const day = job.doneOn ?? '';
  const before = data.photos.filter((p) => p.takenOn <= day);
  const after = data.photos.filter((p) => p.takenOn > day);
  if (!outcome && (before.length === 0 || after.length === 0)) return null;
  return (
    <section className={classes.took} aria-labelledby="took">
      <h2 id="took" className={classes.small}>
        {outcome ? `The repot of ${dayYear(day)}: ${resultWords(outcome.result).toLowerCase()}` : `Before and after the repot of ${dayYear(day)}`}
      </h2>
      {outcome && (
        <p>
          {measuredWords(outcome, units).join('; ') || 'Nothing was measured with it.'}
          {outcome.note && ` “${outcome.note}”`}
        </p>
      )}
      {before.length > 0 && after.length > 0 && <BeforeAfter before={before} after={after} />}
      {outcome && mayWork && !data.plant.retiredOn && !open && (
        <Button variant="default" onClick={() => setOpen(true)}>
          Add what was measured
        </Button>
      )}
      {outcome && open && <Measured plantId={data.plant.id} outcome={outcome} close={() => setOpen(false)} />}
    </section>
  );
}

function Measured({ plantId, outcome, close }: { plantId: string; outcome: Outcome; close: () => void }) {
  const { units, today } = useReader();
  const [loss, setLoss] = useState<string>(outcome.leafLoss ?? '');
  const [height, setHeight] = useState('');
  const [growth, setGrowth] = useState(outcome.firstGrowthOn ?? '');
  const [note, setNote] = useState(outcome.note);
  const [wrong, setWrong] = useState('');
  const record = useWrite(writes.tellOutcome, {
    done: () => {
      notifyDone('On record.');
      close();
    },
  });
  return (
    <form
      className={classes.dialog}
      onSubmit={(e) => {
        e.preventDefault();
        const heightMm = height.trim() === '' ? null : readLength(height, units);
        if (height.trim() !== '' && heightMm === null) return setWrong('Write it as 85 cm or 33 in.');
        record.mutate({
          jobId: outcome.jobId,
          plantId,
          request: {
            result: outcome.result as Schemas['OutcomeRequest']['result'],
            firstGrowthOn: growth || null,
            leafLoss: (loss || null) as Schemas['OutcomeRequest']['leafLoss'],
            heightMm,
            note,
          },
        });
      }}
    >
      <Radio.Group label="Leaves lost since the work" value={loss} onChange={setLoss}>
        <div className={classes.buttons}>
          {LEAF_LOSS.map((l) => (
            <Radio key={l} value={l} label={leafLossWords(l)} />
          ))}
        </div>
      </Radio.Group>
      <LengthInput label="Height now" units={units} value={height} error={wrong || undefined} change={setHeight} />
      <DateField label="First new growth seen" value={growth} min={outcome.workedOn} max={today} change={setGrowth} />
      <Textarea label="Note" value={note} maxLength={400} onChange={(e) => setNote(e.currentTarget.value)} />
      <div className={classes.buttons}>
        <Button type="submit" loading={record.isPending}>
          Keep it
        </Button>
        <Button variant="subtle" onClick={close}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
