import { Button, Checkbox, NativeSelect, Switch, Textarea } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { DateField } from '../../ui/DateField';
import { day, dayYear, fromTo, mass, say, litres, weekday } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { actionWords, urgencyWords } from '../../ui/words';
import { useReader } from '../team/session';
import { kindWords, skillWords, sourceWords, type Job } from './load';
import classes from './Season.module.css';

/** One job of the season: why it is there, when it can be done, and what a planner does with it. */
export function JobPanel({ job, crews, close }: { job: Job; crews: Record<string, string>; close: () => void }) {
  const { units, mayPlan } = useReader();
  const crew = job.leadId ? [crews[job.leadId], job.helperId && crews[job.helperId]].filter(Boolean).join(' and ') : null;
  return (
    <aside className={classes.panel} aria-labelledby="job-name">
      <header>
        <h2 id="job-name">
          <Link to={`/plants/${job.plantId}`}>{job.commonName}</Link> <span className="measure">{job.label}</span>
        </h2>
        <Button variant="subtle" size="sm" onClick={close}>
          Close
        </Button>
      </header>
      <p className={classes.lead}>
        {kindWords(job)}
        {job.action && `: ${actionWords(job.action).toLowerCase()}`}, {job.siteName}, {job.spotName}
      </p>
      {job.why && <p>{job.why}</p>}
      {job.blocked && <p className={classes.blocked}>{job.blocked}</p>}
      {job.note && <p className={classes.note}>{job.note}</p>}
      {job.overruled && <p className={classes.note}>Put there in spite of the rules: “{job.overruled}”</p>}
      <dl className={classes.facts}>
        <div>
          <dt>Stands on</dt>
          <dd>
            {job.plannedOn ? `${weekday(job.plannedOn)} ${dayYear(job.plannedOn)}${crew ? `, ${crew}` : ', no crew yet'}` : 'no day yet'}
            {job.pinned && ', pinned'}
            {job.published && ', made known'}
          </dd>
        </div>
        <div>
          <dt>Its days</dt>
          <dd>{job.afterId ? 'by the day of its repot' : fromTo(day(job.fromOn), dayYear(job.toOn))}</dd>
        </div>
        {!job.afterId && (
          <div>
            <dt>Best on</dt>
            <dd>
              {day(job.idealOn)}
              {job.daysLate > 0 && `, ${job.daysLate} days late ${job.plannedOn ? 'as planned' : 'today'}`}
            </dd>
          </div>
        )}
        <div>
          <dt>Takes</dt>
          <dd>
            <span className="measure">{job.minutes} min</span>
            {job.people > 1 && ', two people'}
            {job.skills.length > 0 && `, ${job.skills.map(skillWords).join(', ').toLowerCase()}`}
          </dd>
        </div>
        {job.litres > 0 && (
          <div>
            <dt>Carries</dt>
            <dd className="measure">
              {say(litres(job.litres, units))}, {say(mass(job.kilograms * 1000, units))}
            </dd>
          </div>
        )}
        <div>
          <dt>Asked for</dt>
          <dd>
            {sourceWords(job.source)}, {urgencyWords(job.urgency).toLowerCase()}
          </dd>
        </div>
      </dl>
      {job.jobId && (
        <p>
          <Link to={`/jobs/${job.jobId}`}>Its bench sheet</Link>
        </p>
      )}
      {mayPlan && <Acts key={job.id} job={job} />}
    </aside>
  );
}

function Acts({ job }: { job: Job }) {
  const { today } = useReader();
  const [on, setOn] = useState(job.plannedOn ?? (job.idealOn < today ? today : job.idealOn));
  const [takingOut, setTakingOut] = useState(false);
  const [why, setWhy] = useState('');
  const [overruling, setOverruling] = useState(false);
  const [reason, setReason] = useState('');
  const { save: place, stale } = useVersionedWrite(writes.placeJob, { done: () => notifyDone('Moved, with what follows it.') });
  const pin = useWrite(writes.pinJob);
  const say = useWrite(writes.sayOfJob);
  const out = useWrite(writes.takeOutJob, { done: () => notifyDone('Taken out of the season.') });
  const facts = { bench: job.place === 'BENCH', materialOn: job.materialOn, materialNever: job.materialNever, orderId: job.orderId };
  const orders = useQuery({ ...reads.orders(), enabled: job.toOrder || job.orderId !== null });
  return (
    <div className={classes.acts}>
      <h3>Move to</h3>
      <DateField label="Day" value={on} change={setOn} min={today} />
      {on && <Options job={job} on={on} place={(leadId, helperId) =>
        place.mutate({ id: job.id, version: job.version, request: { on, leadId, helperId, pinned: job.pinned, overrule: overruling && reason.trim() ? reason.trim() : null } })
      } busy={place.isPending} />}
      <Checkbox label="It stays there: no plan moves it, whatever it costs" checked={overruling} onChange={(e) => setOverruling(e.currentTarget.checked)} />
      {overruling && <Textarea label="Why" value={reason} maxLength={400} autosize onChange={(e) => setReason(e.currentTarget.value)} />}
      {stale && <p className={classes.blocked}>Somebody has moved it meanwhile. It is shown as it stands now.</p>}
      <div className={classes.row}>
        {job.plannedOn && job.leadId && (
          <Button variant="default" loading={pin.isPending} onClick={() => pin.mutate({ id: job.id, pinned: !job.pinned })}>
            {job.pinned ? 'Unpin' : 'Pin to this day'}
          </Button>
        )}
        {job.plannedOn && !job.jobId && (
          <Button
            variant="default"
            onClick={() => place.mutate({ id: job.id, version: job.version, request: { on: null, leadId: null, helperId: null, pinned: false, overrule: null } })}
          >
            Let it wait again
          </Button>
        )}
      </div>
      {job.kind === 'REPOT' && (job.place === 'SITE' || job.place === 'BENCH') && (
        <Switch
          label="On the bench of the workshop, fetched and brought back"
          checked={facts.bench}
          disabled={say.isPending}
          onChange={(e) => say.mutate({ id: job.id, request: { ...facts, bench: e.currentTarget.checked } })}
        />
      )}
      {(job.toOrder || job.orderId) && (
        <fieldset className={classes.pot}>
          <legend>Its pot is to be ordered</legend>
          {orders.data && orders.data.length > 0 && (
            <NativeSelect
              label="With this order"
              value={facts.orderId ?? ''}
              onChange={(e) => say.mutate({ id: job.id, request: { ...facts, materialNever: false, orderId: e.currentTarget.value || null } })}
              data={[{ value: '', label: 'none of these' }, ...orders.data.map((o) => ({ value: o.id, label: `${o.pot}, ${o.supplier}, ${day(o.dueOn)}` }))]}
            />
          )}
          <DateField label="Comes on" value={facts.materialOn ?? ''} change={(day) => say.mutate({ id: job.id, request: { ...facts, orderId: null, materialOn: day || null } })} />
          <Checkbox
            label="It does not come"
            checked={facts.materialNever}
            onChange={(e) => say.mutate({ id: job.id, request: { ...facts, materialOn: null, orderId: null, materialNever: e.currentTarget.checked } })}
          />
          {!facts.materialOn && !facts.materialNever && <small>Until somebody says, it is taken to come within two weeks.</small>}
        </fieldset>
      )}
      {takingOut ? (
        <>
          <Textarea label="Why is it not to be done?" value={why} maxLength={400} autosize onChange={(e) => setWhy(e.currentTarget.value)} />
          <div className={classes.row}>
            <Act missing={why.trim() === '' && 'Say why, for whoever looks for it.'} color="oxblood" loading={out.isPending} onClick={() => out.mutate({ id: job.id, why: why.trim() })}>
              Take it out
            </Act>
            <Button variant="subtle" onClick={() => setTakingOut(false)}>
              Keep it
            </Button>
          </div>
        </>
      ) : (
        <Button variant="subtle" color="oxblood" onClick={() => setTakingOut(true)}>
          Take it out of the season
        </Button>
      )}
    </div>
  );
}

/** Every crew on that day: what it would cost, or which rule stands against it. */
function Options({ job, on, place, busy }: { job: Job; on: string; place: (leadId: string, helperId: string | null) => void; busy: boolean }) {
  const { data } = useQuery(reads.whyOn(job.id, on));
  return (
    <ul className={classes.options} aria-label={`Crews on ${day(on)}`}>
      {data?.map((o) => {
        const here = o.on === job.plannedOn && o.leadId === job.leadId;
        return (
          <li key={o.leadId} data-allowed={o.allowed}>
            <span>
              <strong>{o.crew}</strong>
              <small>{here ? 'It stands here.' : o.allowed ? `Will do: ${o.words}.` : `Not on this day: ${o.words}.`}</small>
            </span>
            {o.allowed && !here && (
              <Button size="sm" variant="default" loading={busy} onClick={() => place(o.leadId, o.helperId)}>
                Move here
              </Button>
            )}
          </li>
        );
      })}
      {data?.length === 0 && <li>No crew is set up yet.</li>}
    </ul>
  );
}

export const crewNames = (crews: { id: string; name: string }[]): Record<string, string> => Object.fromEntries(crews.map((c) => [c.id, c.name]));

