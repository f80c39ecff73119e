import { Button, TextInput } from '@mantine/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useEffect, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { faultsByField, sayProblem } from '../../api/problem';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { dayYear, say, share } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import classes from './Medium.module.css';

/** A mix has drained enough after this, minutes. */
const DRAINED = 60;

/** Measuring a mix in a bucket: the steps, what was read, and how the numbers meet it. */
export function BucketTests({ view }: { view: Schemas['MediumPage'] }) {
  const { mayWork } = useReader();
  const [open, setOpen] = useState(false);
  const drop = useWrite(writes.voidBucketTest, { done: () => notifyDone('It counts no more.') });
  return (
    <section className={classes.below} aria-labelledby="bucket">
      <header>
        <h2 id="bucket">Bucket tests</h2>
        {mayWork && !open && (
          <Button variant="default" onClick={() => setOpen(true)}>
            Measure it
          </Button>
        )}
      </header>
      {view.tests.length === 0 && !open && <p>Nobody has measured it: its water and air are reckoned from its parts. A bucket, a scale and an hour tell them.</p>}
      {open && <Steps code={view.code} leave={() => setOpen(false)} />}
      {view.tests.length > 0 && (
        <div className={classes.bench}>
          <div className={page.scroll}>
          <table className={page.table}>
            <thead>
              <tr>
                <th scope="col">On</th>
                <th scope="col">Vessel</th>
                <th scope="col">Water</th>
                <th scope="col">Air</th>
                <th scope="col" />
              </tr>
            </thead>
            <tbody>
              {view.tests.map((t) => (
                <tr key={t.id}>
                  <td>
                    {dayYear(t.testedOn)}
                    <div className={page.soft}>
                      {t.who}
                      {t.note && `: ${t.note}`}
                    </div>
                    {!t.counts && <div className={page.soft}>of an older recipe, does not count</div>}
                  </td>
                  <td className="measure">
                    {Math.round(t.topMm / 10)} × {Math.round(t.heightMm / 10)} cm
                  </td>
                  <td className="measure">{say(share(t.capacity))}</td>
                  <td className="measure">{say(share(t.airFilled))}</td>
                  <td>
                    {mayWork && (
                      <Button variant="subtle" size="compact-md" color="oxblood" aria-label={`The test of ${dayYear(t.testedOn)} went wrong`} loading={drop.isPending} onClick={() => drop.mutate({ code: view.code, id: t.id })}>
                        Went wrong
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          </div>
          {view.fit && <Fit fit={view.fit} />}
        </div>
      )}
    </section>
  );
}

const FRAME = { width: 340, height: 230, left: 46, right: 22, top: 10, bottom: 34 };

/** Water by height: by its parts, and as measured. */
function Fit({ fit }: { fit: Schemas['BucketFit'] }) {
  const x = scaleLinear([0, 1], [FRAME.left, FRAME.width - FRAME.right]);
  const y = scaleLinear([0, fit.heightMm], [FRAME.height - FRAME.bottom, FRAME.top]);
  const path = (of: 'estimated' | 'fitted') =>
    line<Schemas['BucketFitPoint']>()
      .x((p) => x(p[of]))
      .y((p) => y(p.mm))(fit.points) ?? '';
  const words = `Reckoned from its parts it would hold ${say(share(fit.estimatedAir))} air in this vessel; measured it holds ${say(share(fit.measuredAir))}`;
  return (
    <figure className={classes.fit}>
      <figcaption>
        {words}
        {fit.tests > 1 && `, from ${say(share(fit.airFrom))} to ${say(share(fit.airTo))} in ${fit.tests} tests`}.
      </figcaption>
      <svg viewBox={`0 0 ${FRAME.width} ${FRAME.height}`} role="img" aria-label={words}>
        {x.ticks(5).map((t) => (
          <g key={t}>
            <line x1={x(t)} x2={x(t)} y1={FRAME.top} y2={FRAME.height - FRAME.bottom} className={classes.grid} />
            <text x={x(t)} y={FRAME.height - FRAME.bottom + 14} textAnchor="middle" className={classes.tick}>
              {Math.round(t * 100)} %
            </text>
          </g>
        ))}
        {y.ticks(4).map((t) => (
          <text key={t} x={FRAME.left - 6} y={y(t) + 4} textAnchor="end" className={classes.tick}>
            {Math.round(t / 10)} cm
          </text>
        ))}
        <path d={path('estimated')} className={classes.estimated} />
        <path d={path('fitted')} className={classes.fitted} />
        <text x={FRAME.width - FRAME.right} y={FRAME.height - 4} textAnchor="end" className={classes.tick}>
          water, by height over the floor
        </text>
      </svg>
      <ul className={classes.key}>
        <li>
          <i data-of="fitted" /> as measured
        </li>
        <li>
          <i data-of="estimated" /> by its parts
        </li>
      </ul>
    </figure>
  );
}

const START = { topMm: '21', baseMm: '16', heightMm: '19', dryG: '', filledG: '', drainedG: '', vesselG: '' };

function Steps({ code, leave }: { code: string; leave: () => void }) {
  const once = useOnce();
  const [v, setV] = useState(START);
  const [note, setNote] = useState('');
  const watch = useStopwatch();
  const n = (key: keyof typeof START) => Number(v[key].replace(',', '.'));
  const given = (...keys: (keyof typeof START)[]) => keys.every((k) => v[k].trim() !== '' && Number.isFinite(n(k)));
  const save = useWrite(writes.bucketTest, {
    done: () => {
      notifyDone('Measured. All plants in it are looked through anew.');
      leave();
    },
    failed: (e) => {
      once.refused(e);
      return true;
    },
  });
  const faults = faultsByField(save.error);
  const field = (key: keyof typeof START, label: string, description: string, error?: string) => (
    <TextInput label={label} description={description} inputMode="decimal" value={v[key]} error={error} onChange={(e) => setV({ ...v, [key]: e.currentTarget.value })} />
  );
  const missing = !given('topMm', 'baseMm', 'heightMm') ? 'Measure the vessel.' : !given('vesselG', 'dryG', 'filledG', 'drainedG') && 'Weigh it four times.';
  return (
    <ol className={classes.steps}>
      <li>
        <h3>The vessel</h3>
        <p>A pot or bucket with holes that can be stopped. Inside, in cm, up to where it is filled.</p>
        <div>
          {field('topMm', 'Width at the top', 'cm', faults.topMm)}
          {field('baseMm', 'Width at the base', 'cm', faults.baseMm)}
          {field('heightMm', 'Depth of the mix', 'cm', faults.heightMm)}
          {field('vesselG', 'Empty, on the scale', 'g')}
        </div>
      </li>
      <li>
        <h3>Dry</h3>
        <p>Fill it with mix dried in the sun or the oven, knock it twice on the bench, and weigh it.</p>
        <div>{field('dryG', 'With dry mix', 'g', faults.dryG)}</div>
      </li>
      <li>
        <h3>Full</h3>
        <p>Stop the holes and let water rise from below until it shines at the top; wait a quarter of an hour, top it up, and weigh it.</p>
        <div>{field('filledG', 'Full of water', 'g', faults.drainedLitres)}</div>
      </li>
      <li>
        <h3>Drained</h3>
        <p>Open the holes and let it drain for an hour, standing level. Do not tilt or press it.</p>
        <div>
          <span className={classes.watch}>
            <b className="measure" role="timer">
              {watch.text}
            </b>
            <Button variant="default" onClick={watch.running ? watch.stop : watch.start}>
              {watch.running ? 'Stop' : 'Start the stopwatch'}
            </Button>
            {watch.minutes > 0 && watch.minutes < DRAINED && <small>An hour is best; less makes it look wetter.</small>}
          </span>
          {field('drainedG', 'Drained', 'g', faults.wetG)}
        </div>
      </li>
      <li>
        <TextInput label="Note" maxLength={400} value={note} onChange={(e) => setNote(e.currentTarget.value)} />
        {save.isError && Object.keys(faults).length === 0 && <p role="alert">{sayProblem(save.error).text}</p>}
        <div className={page.tools}>
          <Act
            missing={missing}
            loading={save.isPending}
            onClick={() =>
              save.mutate({
                code,
                id: once.id(),
                request: {
                  topMm: n('topMm') * 10,
                  baseMm: n('baseMm') * 10,
                  heightMm: n('heightMm') * 10,
                  dryG: n('dryG') - n('vesselG'),
                  wetG: n('drainedG') - n('vesselG'),
                  drainedLitres: Math.max(0, (n('filledG') - n('drainedG')) / 1000),
                  drainedMinutes: watch.minutes > 0 ? watch.minutes : DRAINED,
                  note,
                },
              })
            }
          >
            Keep it
          </Act>
          <Button variant="default" onClick={leave}>
            Leave it
          </Button>
        </div>
      </li>
    </ol>
  );
}

function useStopwatch() {
  const [from, setFrom] = useState<number | null>(null);
  const [ms, setMs] = useState(0);
  useEffect(() => {
    if (from === null) return;
    const timer = setInterval(() => setMs(Date.now() - from), 500);
    return () => clearInterval(timer);
  }, [from]);
  const seconds = Math.floor(ms / 1000);
  return {
    running: from !== null,
    minutes: Math.round(seconds / 60),
    text: `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`,
    start: () => setFrom(Date.now() - ms),
    stop: () => setFrom(null),
  };
}
