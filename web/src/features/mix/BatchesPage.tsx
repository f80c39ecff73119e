import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { sayProblem } from '../../api/problem';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { DateField } from '../../ui/DateField';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { addDays, day, litres, mass, say } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { measured, money, query } from './batch';
import classes from './Batches.module.css';

type Plan = Schemas['BatchPlan'];

const WEEK = 6;

/** What is mixed at once for the jobs of some days: litres, scoops, bags, and who gets of it. */
export function BatchesPage() {
  const { today, mayWork } = useReader();
  // from the page of one job: its day, and of what is planned then, only that one
  const [asked] = useSearchParams();
  const only = asked.get('job');
  const on = asked.get('on');
  const [from, setFrom] = useState(on ?? today);
  const [to, setTo] = useState(on ?? addDays(today, WEEK));
  const [crewId, setCrew] = useState('');
  const [reuse, setReuse] = useState(false);
  const [chosen, setLeft] = useState<string[] | null>(null);
  const wide = { from, to, crewId: crewId || null, jobs: null, reuse };
  const all = useQuery(reads.batchWanted(wide));
  const open = (all.data?.jobs ?? []).filter((j) => j.batch === null);
  const left = chosen ?? (only === null ? [] : open.map((j) => j.jobId).filter((id) => id !== only));
  const taken = open.filter((j) => !left.includes(j.jobId)).map((j) => j.jobId);
  const narrowed = taken.length < open.length;
  const own = useQuery({ ...reads.batchWanted({ ...wide, jobs: taken }), enabled: narrowed && taken.length > 0 });
  const crews = useQuery(reads.crews());
  const plan = narrowed ? own.data : all.data;
  return (
    <>
      <title>Batches · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Batches</h1>
          <p>Mixed once for the jobs of some days, by their needs.</p>
        </div>
        <Link to="/mixes">Mixes and ingredients</Link>
      </div>
      <div className={classes.tools}>
        <DateField label="From" value={from} change={setFrom} />
        <DateField label="To" value={to} change={setTo} min={from} />
        <NativeSelect
          label="Whose load"
          value={crewId}
          onChange={(e) => setCrew(e.currentTarget.value)}
          data={[{ value: '', label: 'Everybody’s' }, ...(crews.data ?? []).map((c) => ({ value: c.id, label: c.name }))]}
        />
        <Checkbox label="Use old medium again" description="Sieved, of healthy balls, at most half" checked={reuse} onChange={(e) => setReuse(e.currentTarget.checked)} />
      </div>
      {all.error ? (
        <Trouble error={all.error} again={() => void all.refetch()} />
      ) : !all.data ? (
        <Waiting />
      ) : all.data.jobs.length === 0 ? (
        <p className={classes.none}>No repot with a mix is planned in these days. Choose others, or plan jobs first.</p>
      ) : (
        <div className={classes.bench}>
          <Jobs jobs={all.data.jobs} left={left} leave={setLeft} />
          <div>
            {taken.length === 0 ? <p className={classes.none}>Everything here is mixed for, or left out.</p> : plan ? <Work plan={plan} jobs={taken} narrowed={narrowed} crewId={crewId || null} reuse={reuse} mayWork={mayWork} /> : <Waiting />}
          </div>
        </div>
      )}
      <Made />
    </>
  );
}

function Jobs({ jobs, left, leave }: { jobs: Schemas['BatchJob'][]; left: string[]; leave: (ids: string[]) => void }) {
  const { units } = useReader();
  return (
    <section aria-labelledby="for-jobs">
      <h2 id="for-jobs">For these jobs</h2>
      <ul className={classes.jobs}>
        {jobs.map((j) => (
          <li key={j.jobId + j.mix}>
            <Checkbox
              aria-label={`${j.commonName} ${j.label}`}
              checked={j.batch === null && !left.includes(j.jobId)}
              disabled={j.batch !== null}
              onChange={(e) => leave(e.currentTarget.checked ? left.filter((id) => id !== j.jobId) : [...left, j.jobId])}
            />
            <span>
              <Link to={`/jobs/${j.jobId}`}>
                {j.commonName} <span className="measure">{j.label}</span>
              </Link>
              <small>
                {day(j.plannedOn)}, {j.siteName}; {j.mixLabel.toLowerCase()}
                {j.batch !== null && `; in batch ${j.batch}`}
              </small>
            </span>
            <b className="measure">{say(litres(j.litres, units))}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface WorkProps {
  plan: Plan;
  jobs: string[];
  /** Some of the days' jobs are left out; else an address need not name them. */
  narrowed: boolean;
  crewId: string | null;
  reuse: boolean;
  mayWork: boolean;
}

function Work({ plan, jobs, narrowed, crewId, reuse, mayWork }: WorkProps) {
  const { units, paper } = useReader();
  const once = useOnce();
  const [note, setNote] = useState('');
  const make = useWrite(writes.makeBatch, {
    done: (made) => {
      notifyDone(`Batch ${made.batch.number} is in stock.`);
      setNote('');
    },
    failed: (e) => {
      once.refused(e);
      return true;
    },
  });
  const send = (confirmed: boolean) => make.mutate({ id: once.id(), request: { from: plan.from, to: plan.to, crewId, jobs, reuse, confirmed, note } });
  const mixed = plan.mixes.filter((m) => m.litres > 0);
  const asked = query({ from: plan.from, to: plan.to, crewId, jobs: narrowed ? jobs : null, reuse });
  const short = plan.ingredients.filter((i) => i.stockLitres !== null && i.shortLitres > 0.005);
  const failed = make.isError ? sayProblem(make.error).text : null;
  return (
    <section aria-labelledby="to-mix">
      <h2 id="to-mix">To mix</h2>
      {plan.mixes.map((m) => (
        <MixLines key={m.code} mix={m} plan={plan} />
      ))}
      {plan.dusty && <p className={classes.caution}>Dust of perlite, bark and grains harms lungs: damp it before pouring, mix outdoors or with a mask, and wear gloves.</p>}
      <Buying plan={plan} />
      {mixed.length > 0 && (
        <p className={classes.sum}>
          {say(mass(plan.kg * 1000, units))} damp
          {plan.cents > 0 && `, about ${money(plan.cents, plan.currency)}${plan.priced ? '' : ' as far as priced'}`}
        </p>
      )}
      <div className={page.tools}>
        <Button component="a" variant="default" href={`/api/batches/wanted/sheet?${asked}&paper=${paper}`} target="_blank">
          Sheet to mix by
        </Button>
        <Button component="a" variant="subtle" href={`/api/batches/wanted.csv?${asked}`}>
          Shopping list
        </Button>
        <Button component="a" variant="subtle" href={`/api/batches/wanted.csv?${asked}&load=true`}>
          Load list
        </Button>
      </div>
      {mayWork && (
        <div className={classes.make}>
          <TextInput label="Note" placeholder="compost of the new lot, a little wet" maxLength={400} value={note} onChange={(e) => setNote(e.currentTarget.value)} />
          <Act missing={mixed.length === 0 && 'Enough stands mixed for these jobs.'} loading={make.isPending} onClick={() => send(false)}>
            It is mixed
          </Act>
          {failed && (
            <div role="alert" className={classes.failed}>
              <p>{failed}</p>
              {short.length > 0 && (
                <Button variant="default" loading={make.isPending} onClick={() => send(true)}>
                  It is mixed all the same
                </Button>
              )}
            </div>
          )}
        </div>
      )}
    </section>
  );
}

/** By how much the measures are off the recipe, in hundredths of the mix. */
function offWords(error: number): string {
  const points = (error * 100).toFixed(1);
  return points === '0.0' ? 'it is the recipe' : `no part is more than ${points} points off the recipe`;
}

function MixLines({ mix: m, plan }: { mix: Schemas['BatchMix']; plan: Plan }) {
  const { units } = useReader();
  return (
    <article className={classes.mix} aria-label={m.label}>
      <header>
        <h3>{m.label}</h3>
        <b className="measure">{m.litres > 0 ? say(litres(m.measuredLitres, units)) : 'none to mix'}</b>
      </header>
      <p>
        {say(litres(m.neededLitres, units))} are needed
        {m.reusedLitres > 0 && `, ${say(litres(m.reusedLitres, units))} of it old medium`}
        {m.readyLitres > 0 && `, ${say(litres(m.readyLitres, units))} stand ready`}
        {m.litres > 0 && `; measured out like this ${offWords(m.error)}`}
        {m.litres === 0 && m.readyLitres === 0 && m.reusedLitres === 0 && ': a handful is always there'}.
      </p>
      {m.parts.length > 0 && (
        <ol>
          {m.parts.map((p) => (
            <li key={p.code}>
              <span>
                {p.label}
                {p.dampFirst && <em> damped first</em>}
              </span>
              <span className={classes.bar} aria-hidden>
                <i style={{ width: `${p.measuredShare * 100}%` }} />
                <u style={{ left: `${p.share * 100}%` }} />
              </span>
              <span className="measure">{measured(p.measuredLitres, plan.scoopLitres, plan.bucketLitres)}</span>
              <span className="measure">{say(litres(p.measuredLitres, units))}</span>
            </li>
          ))}
        </ol>
      )}
    </article>
  );
}

function Buying({ plan }: { plan: Plan }) {
  const { units } = useReader();
  if (plan.ingredients.length === 0) return null;
  return (
    <div className={page.scroll}>
      <table className={page.table}>
        <caption className={classes.caption}>What goes in, and what is to be bought</caption>
        <thead>
          <tr>
            <th scope="col">Ingredient</th>
            <th scope="col">Goes in</th>
            <th scope="col">Stands there</th>
            <th scope="col">To buy</th>
          </tr>
        </thead>
        <tbody>
          {plan.ingredients.map((i) => (
            <tr key={i.code} data-short={i.shortLitres > 0.005 && i.stockLitres !== null}>
              <td>{i.label}</td>
              <td className="measure">{say(litres(i.litres, units))}</td>
              <td className="measure">{i.stockLitres === null ? 'not counted' : say(litres(i.stockLitres, units))}</td>
              <td>
                {i.shortLitres <= 0.005 ? (
                  '–'
                ) : (
                  <>
                    {i.bags === null ? say(litres(i.shortLitres, units)) : `${i.bags} × ${say(litres(i.bagLitres ?? 0, units))}`}
                    {i.bagsCents !== null && `, ${money(i.bagsCents, plan.currency)}`}
                    {i.supplier && <small className={page.soft}> from {i.supplier}</small>}
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Made() {
  const { units } = useReader();
  const { data } = useQuery(reads.batches());
  if (!data || data.length === 0) return null;
  return (
    <section className={classes.made} aria-labelledby="made">
      <h2 id="made">Mixed lately</h2>
      <ul>
        {data.map((b) => (
          <li key={b.id}>
            <Link to={`/batches/${b.id}`}>
              <b>Batch {b.number}</b>
            </Link>
            <span>
              {day(b.madeOn)}, {b.who}
              {b.note && <small>{b.note}</small>}
            </span>
            <span>
              {b.mixes.map((m) => (
                <span key={m.mix}>
                  {m.label} <span className="measure">{say(litres(m.litres, units))}</span>
                  <small>{m.left > 0.05 ? `${say(litres(m.left, units))} left` : 'used up'}</small>
                </span>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
