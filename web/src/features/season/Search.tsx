import { Button, Checkbox, NativeSelect, NumberInput, Progress } from '@mantine/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { newId, type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { DateField } from '../../ui/DateField';
import { addDays, day } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { beside, hoursWords, over, type Now, type Week } from './load';
import classes from './Season.module.css';

type Run = Schemas['RunView'];
type Outcome = Schemas['RunOutcome'];

const OPEN = ['WAITING', 'RUNNING'];
const shown = (runs: Run[]): Run | undefined => runs.find((r) => r.status !== 'ACCEPTED' && r.status !== 'FAILED');

/** A plan is searched for, looked at, and taken or thrown away. */
export function Search({ runs, weeks, now, sites, missing }: { runs: Run[]; weeks: Week[]; now: Now; sites: { id: string; name: string }[]; missing: string | null }) {
  const [seconds, setSeconds] = useState('15');
  const [asking, setAsking] = useState(false);
  const begin = useWrite(writes.beginRun, { done: () => setAsking(false) });
  const run = shown(runs);
  const start = (kind: 'ANEW' | 'GENTLE') => begin.mutate({ id: newId(), request: { kind, seconds: Number(seconds), otherwise: null } });
  return (
    <section className={classes.search} aria-labelledby="search">
      <h2 id="search">A plan</h2>
      {run ? (
        <Found key={run.id} first={run} weeks={weeks} now={now} />
      ) : (
        <>
          <p>The search puts each job on a day and a crew: urgent work first, near its best day, with few trips. Nothing changes until you take it.</p>
          <NativeSelect
            label="Search for"
            value={seconds}
            onChange={(e) => setSeconds(e.currentTarget.value)}
            data={[
              { value: '5', label: '5 seconds' },
              { value: '15', label: '15 seconds' },
              { value: '60', label: '1 minute' },
              { value: '300', label: '5 minutes' },
            ]}
          />
          <div className={classes.row}>
            <Act missing={missing} loading={begin.isPending} onClick={() => start('ANEW')}>
              Make a plan
            </Act>
            <Button variant="default" disabled={Boolean(missing)} onClick={() => start('GENTLE')}>
              Mend it gently
            </Button>
            <Button variant="subtle" onClick={() => setAsking(!asking)}>
              What if…
            </Button>
          </div>
          <p className={classes.more}>Gently: what is pinned, made known or done in the next days stays, and few others move.</p>
        </>
      )}
      {asking && !run && <WhatIf sites={sites} seconds={Number(seconds)} />}
    </section>
  );
}

function WhatIf({ sites, seconds }: { sites: { id: string; name: string }[]; seconds: number }) {
  const { today } = useReader();
  const begin = useWrite(writes.beginRun);
  const [from, setFrom] = useState(today);
  const [to, setTo] = useState(addDays(today, 28));
  const [hands, setHands] = useState(1);
  const [hours, setHours] = useState<number | string>(6);
  const [closed, setClosed] = useState<string[]>([]);
  const all = sites.length > 0 && closed.length === sites.length;
  return (
    <form
      className={classes.whatIf}
      onSubmit={(e) => {
        e.preventDefault();
        begin.mutate({
          id: newId(),
          request: {
            kind: 'WHAT_IF',
            seconds,
            otherwise: { fromOn: from, toOn: to, hands, minutes: Math.round(Number(hours) * 60), closed: all ? [] : closed, allClosed: all },
          },
        });
      }}
    >
      <h3>What if, between these days</h3>
      <DateField label="From" value={from} change={setFrom} />
      <DateField label="To" value={to} change={setTo} />
      <NativeSelect
        label="More pairs of hands"
        value={String(hands)}
        onChange={(e) => setHands(Number(e.currentTarget.value))}
        data={[
          { value: '0', label: 'none' },
          { value: '1', label: 'one, with a van' },
          { value: '2', label: 'two, with a van' },
        ]}
      />
      {hands > 0 && <NumberInput label="Hours a day, Monday to Friday" min={1} max={12} value={hours} onChange={setHours} />}
      <fieldset>
        <legend>Not to be gone to</legend>
        {sites.map((s) => (
          <Checkbox
            key={s.id}
            label={s.name}
            checked={closed.includes(s.id)}
            onChange={(e) => setClosed(e.currentTarget.checked ? [...closed, s.id] : closed.filter((id) => id !== s.id))}
          />
        ))}
      </fieldset>
      <Act type="submit" missing={!from || !to ? 'Give both days.' : hands === 0 && closed.length === 0 && 'Change something: hands, or a site.'} loading={begin.isPending}>
        Try it on a copy
      </Act>
    </form>
  );
}

function Found({ first, weeks, now }: { first: Run; weeks: Week[]; now: Now }) {
  const queries = useQueryClient();
  const { data: run = first } = useQuery({ ...reads.seasonRun(first.id), initialData: first, staleTime: 0 });
  const stop = useWrite(writes.stopRun);
  const take = useWrite(writes.acceptRun, { done: () => notifyDone('Taken. The week shows it; make it known when it is right.') });
  const away = useWrite(writes.throwRunAway);
  const was = useRef(first.status);
  useEffect(() => {
    if (OPEN.includes(was.current) && !OPEN.includes(run.status)) void queries.invalidateQueries({ queryKey: ['season'] });
    was.current = run.status;
  }, [run.status, queries]);
  const open = OPEN.includes(run.status);
  return (
    <div className={classes.found}>
      <h3>{run.title}</h3>
      {run.status === 'WAITING' && <p role="status">Waits for {run.ahead === 1 ? 'another search' : `${run.ahead} other searches`}.</p>}
      {run.status === 'RUNNING' && (
        <>
          <Progress value={Math.min(100, (run.spentMs / 10 / run.seconds))} aria-label="Time searched" />
          <p role="status">
            <span className="measure">{Math.round(run.spentMs / 1000)} of {run.seconds} s</span>
            {run.planned !== null && `, ${run.planned} jobs have a day so far`}
          </p>
        </>
      )}
      {open && (
        <Button variant="default" loading={stop.isPending} onClick={() => stop.mutate({ id: run.id })}>
          Stop; what was found stays
        </Button>
      )}
      {!open && run.outcome && <Told outcome={run.outcome} weeks={weeks} now={now} whatIf={run.kind === 'WHAT_IF'} />}
      {!open && (
        <div className={classes.row}>
          {run.kind !== 'WHAT_IF' && run.outcome && (
            <Button loading={take.isPending} onClick={() => take.mutate({ id: run.id })}>
              Take this plan
            </Button>
          )}
          <Button variant="default" loading={away.isPending} onClick={() => away.mutate({ id: run.id })}>
            Throw it away
          </Button>
        </div>
      )}
    </div>
  );
}

/** A plan in words and numbers. */
function Told({ outcome: o, weeks, now, whatIf }: { outcome: Outcome; weeks: Week[]; now: Now; whatIf: boolean }) {
  const fullest = o.weeks.filter((w) => over(w, w.planned + w.driving) > 0);
  const before = weeks.reduce((sum, w) => sum + over(w, w.wanted), 0);
  return (
    <>
      <p className={classes.lead}>
        {o.planned} of {o.jobs} jobs have a day; {o.late === 0 ? 'none comes' : `${o.late} come`} after the best day
        {o.late > 0 && `, ${Math.round(o.lateDays / o.late)} days on average`}. {hoursWords(o.drivingMinutes)} of driving and setting up.
      </p>
      {before > 0 && (
        <p>
          On the best days {hoursWords(before)} would be too much; {fullest.length === 0 ? 'in this plan no week runs over.' : `in this plan ${fullest.length} weeks still do.`}
        </p>
      )}
      <table className={classes.beside}>
        <caption>Beside the plan as it stands</caption>
        <thead>
          <tr>
            <td />
            <th scope="col">now</th>
            <th scope="col">{whatIf ? 'what if' : 'found'}</th>
          </tr>
        </thead>
        <tbody>
          {beside(now, o).map((r) => (
            <tr key={r.words}>
              <th scope="row">{r.words}</th>
              <td className="measure">{r.now}</td>
              <td className="measure">{r.then}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {o.brokenNow.length > 0 && <p className={classes.blocked}>What is pinned breaks: {o.brokenNow.join('; ')}.</p>}
      <table className={classes.rules}>
        <caption>What it costs, in minutes of driving</caption>
        <tbody>
          {o.rules.map((r) => (
            <tr key={r.rule}>
              <th scope="row">{r.words}</th>
              <td className="measure">{hoursWords(r.minutes)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {o.left.length > 0 && (
        <details open={o.left.length < 8}>
          <summary>{o.left.length} without a day</summary>
          <ul className={classes.told}>
            {o.left.map((l) => (
              <li key={l.id}>
                <strong>{l.name}</strong>, {l.place}. {l.why}
                {l.frees && <em> It would go with: {l.frees}</em>}
              </li>
            ))}
          </ul>
        </details>
      )}
      {o.latest.length > 0 && (
        <details>
          <summary>Why {o.latest.length === 1 ? 'one comes' : 'the latest come'} late</summary>
          <ul className={classes.told}>
            {o.latest.map((l) => (
              <li key={l.id}>
                <strong>{l.name}</strong>, {l.place}: {l.days === 1 ? 'a day' : `${l.days} days`} late, since {l.why}.
              </li>
            ))}
          </ul>
        </details>
      )}
      {!whatIf && (
        <details>
          <summary>{o.moved.length === 0 ? 'Nothing moves' : `${o.moved.length} move`}</summary>
          <ul className={classes.told}>
            {o.moved.map((m) => (
              <li key={m.id}>
                <strong>{m.name}</strong>, {m.place}: {m.fromOn ? `from ${day(m.fromOn)}${m.fromCrew ? `, ${m.fromCrew},` : ''}` : 'new,'}{' '}
                {m.toOn ? `to ${day(m.toOn)}, ${m.toCrew ?? ''}` : 'waits again'}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
