import { Button } from '@mantine/core';
import { useState } from 'react';
import { type Schemas } from '../../api/client';
import { useVersionedWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Conflict } from '../../ui/Conflict';
import { LengthInput } from '../../ui/LengthInput';
import { readLength, say, width, type Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useCatalogue } from '../advice/catalogue';
import { SignRow } from '../check/SignRow';
import { fromStored, toList } from '../check/signs';
import classes from './JobPage.module.css';

type JobView = Schemas['JobView'];

const FOUND = [
  'ROOTS_CIRCLING', 'BALL_SOLID', 'MEDIUM_FALLS_AWAY', 'CORE_DRY', 'ROOTS_ROTTEN', 'ROOTS_HEALTHY', 'LITTLE_MEDIUM_LEFT', 'MEDIUM_BROKEN_DOWN', 'ROOT_PESTS',
  'NURSERY_PLUG', 'GIRDLING_ROOTS',
];

type BallForm = { topMm: string; baseMm: string; heightMm: string };
const NO_BALL: BallForm = { topMm: '', baseMm: '', heightMm: '' };

/** A ball in mm; null where none is written, undefined where something cannot be read. */
export function readBall(form: BallForm, units: Units): Schemas['Ball'] | null | undefined {
  const written = Object.values(form).some((v) => v.trim() !== '');
  if (!written) return null;
  const mm = (text: string) => (text.trim() === '' ? null : readLength(text, units));
  const [topMm, baseMm, heightMm] = [mm(form.topMm), mm(form.baseMm), mm(form.heightMm)];
  const unread = [form.topMm, form.baseMm, form.heightMm].some((t) => t.trim() !== '' && mm(t) === null);
  return unread ? undefined : { topMm, baseMm, heightMm };
}

/** What the slip shows outranks what was expected: the plan is made again at once. */
export function Found({ data, units, reload }: { data: JobView; units: Units; reload: () => Promise<JobView | undefined> }) {
  const catalogue = useCatalogue();
  const [tapped, setTapped] = useState(() => fromStored(data.found));
  const [ball, setBall] = useState<BallForm>(NO_BALL);
  const [unread, setUnread] = useState(false);
  const { save: found, stale, settled, faults } = useVersionedWrite(writes.tellFound, {
    done: (next) => {
      settled();
      setBall(NO_BALL);
      notifyDone(next.changes.length > 0 ? 'The plan has changed.' : 'Recorded. The plan stands.');
    },
  });
  const record = (version: number) => {
    const measured = readBall(ball, units);
    setUnread(measured === undefined);
    if (measured !== undefined) found.mutate({ id: data.job.id, version, request: { signs: toList(tapped), ball: measured } });
  };
  const signs = FOUND.flatMap((code) => catalogue?.signs.filter((s) => s.code === code) ?? []);
  const before = data.advice.repot?.section.ballBefore;
  const tape = (key: keyof BallForm, label: string) => ({
    label,
    value: ball[key],
    units,
    error: faults[`ball.${key}`] ?? (unread && ball[key].trim() !== '' && readLength(ball[key], units) === null ? 'Write a length like 15 cm or 6 in.' : undefined),
    change: (text: string) => setBall({ ...ball, [key]: text }),
  });
  return (
    <details className={classes.found}>
      <summary>
        {data.found.length === 0
          ? 'Record what I find'
          : `${data.found.length} ${data.found.length === 1 ? 'sign' : 'signs'} recorded; look again`}
      </summary>
      <ul>
        {signs.map((s) => (
          <SignRow key={s.code} item={s} tapped={tapped} change={setTapped} />
        ))}
      </ul>
      <fieldset className={classes.ball}>
        <legend>
          The ball by tape
          {before && <span className="soft"> · reckoned with {say(width(before.topMm, units))} × {say(width(before.heightMm, units))}</span>}
        </legend>
        <LengthInput {...tape('topMm', 'Width at the top')} />
        <LengthInput {...tape('baseMm', 'Width at the base')} />
        <LengthInput {...tape('heightMm', 'Height')} />
      </fieldset>
      <Button
        size="lg"
        variant="default"
        loading={found.isPending}
        onClick={() => record(data.job.version)}
      >
        Record what I found
      </Button>
      {stale && (
        <Conflict
          problem={stale.problem}
          labels={{ found: 'Found' }}
          keepMine={() => record(stale.problem.version ?? data.job.version)}
          takeTheirs={() => {
            settled();
            void reload().then((next) => next && setTapped(fromStored(next.found)));
          }}
        />
      )}
    </details>
  );
}
