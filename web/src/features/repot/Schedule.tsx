import { Checkbox } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { faultsByField } from '../../api/problem';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { reads } from '../../api/reads';
import { Act } from '../../ui/Act';
import { DateField } from '../../ui/DateField';
import { dayYear, fromTo } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { potName, wishOf, type Question } from './question';
import classes from './RepotPage.module.css';

interface Props {
  fit: Schemas['FitView'];
  plan: Schemas['Repot'];
  pot: Schemas['Candidate'] | null;
  question: Question;
}

/** From the plan to the bench: a day, and the pot is reserved. */
export function Schedule({ fit, plan, pot, question }: Props) {
  const { mayWork } = useReader();
  return mayWork ? fit.openJob ? <Change fit={fit} job={fit.openJob} plan={plan} pot={pot} question={question} /> : <Plan fit={fit} plan={plan} pot={pot} question={question} /> : null;
}

/** What is sent of the pot: the shelf's or the trade's own, the present one, or the one to order. */
function picked(plan: Schemas['Repot'], pot: Schemas['Candidate'] | null, question: Question) {
  const order = pot !== null && pot.id === plan.orderPot?.id && !plan.candidates.some((c) => c.id === pot.id);
  return { potId: order || question.own ? null : (pot?.id ?? null), order, wish: wishOf(question) };
}

function refusal(plan: Schemas['Repot'], pot: Schemas['Candidate'] | null, question: Question): string | null {
  if (question.own) return 'This pot is only thought of. Choose one that is at hand, or put it on the shelf first.';
  if (plan.rootWork.overLimit) return 'More roots would go than the plant stands.';
  if (pot === null || pot.failures.length > 0) return 'Choose a pot that will do.';
  return null;
}

/** How many are left to choose it; the plant's own pot and trade sizes are not counted. */
function free(fit: Schemas['FitView'], pot: Schemas['Candidate']): string {
  const tag = fit.pots.find((t) => t.id === pot.id);
  return tag ? `, ${tag.free} free` : '';
}

function Confirm({ plan, confirmed, change }: { plan: Schemas['Repot']; confirmed: boolean; change: (on: boolean) => void }) {
  if (!plan.rootWork.confirm) return null;
  return (
    <Checkbox
      checked={confirmed}
      onChange={(e) => change(e.currentTarget.checked)}
      label="I know the risk: more than a third of the ball goes, and stems that hang on it can die back."
    />
  );
}

/** Before a plan can be used; why it is refused stands above. */
const missing = (no: string | null, plan: Props['plan'], confirmed: boolean): string | null =>
  no !== null ? 'See above: this cannot be planned so.' : plan.rootWork.confirm && !confirmed ? 'Confirm the cuts first.' : null;

function Plan({ fit, plan, pot, question }: Props) {
  const { today, units } = useReader();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const once = useOnce();
  const [plannedOn, setPlannedOn] = useState<string | null>(null);
  const [confirmed, setConfirmed] = useState(false);
  const { call } = fit.advice;
  const firstDay = call.from && call.from > today ? call.from : today;
  const choice = picked(plan, pot, question);
  const named = choice.potId && pot ? `${potName(fit, pot, units)}${free(fit, pot)}` : null;
  const asked = { plantId: fit.plant.id, plannedOn: plannedOn ?? firstDay, ...choice, confirmed: plan.rootWork.confirm ? confirmed : null };
  const schedule = useWrite(writes.scheduleJob, {
    done: (job) => {
      notifyDone(`Planned for ${dayYear(job.job.plannedOn)}.`);
      void navigate(`/jobs/${job.job.id}`);
    },
    failed: (e) => {
      once.refused(e);
      void queries.invalidateQueries({ queryKey: reads.fit(fit.plant.id).queryKey });
      return faultsByField(e).plannedOn !== undefined;
    },
  });
  const no = refusal(plan, pot, question);
  return (
    <form
      className={classes.schedule}
      onSubmit={(e) => {
        e.preventDefault();
        schedule.mutate({ id: once.id(), request: asked });
      }}
    >
      <h2>Put it on the bench</h2>
      <p>
        {named && <b>{named}. </b>}
        {call.from && call.to && `The window is ${fromTo(dayYear(call.from), dayYear(call.to))}.`}
      </p>
      <Confirm plan={plan} confirmed={confirmed} change={setConfirmed} />
      {no && <p className={classes.note}>{no}</p>}
      <div className={classes.when}>
        <DateField
          label="Day"
          size="md"
          min={firstDay}
          max={call.to ?? undefined}
          value={plannedOn ?? firstDay}
          error={faultsByField(schedule.error).plannedOn}
          required
          change={setPlannedOn}
        />
        <Act type="submit" size="md" loading={schedule.isPending} missing={missing(no, plan, confirmed)}>
          {choice.order ? 'Schedule with a pot to order' : 'Schedule'}
        </Act>
      </div>
    </form>
  );
}

function Change({ fit, job, plan, pot, question }: Props & { job: Schemas['JobSummary'] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [confirmed, setConfirmed] = useState(false);
  const choice = picked(plan, pot, question);
  const change = useWrite(writes.changePlan, {
    done: () => {
      notifyDone('The job is planned anew.');
      void navigate(`/jobs/${job.id}`);
    },
    failed: () => void queries.invalidateQueries({ queryKey: reads.fit(fit.plant.id).queryKey }),
  });
  const no = refusal(plan, pot, question);
  return (
    <form
      className={classes.schedule}
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate({ id: job.id, version: job.version, request: { ...choice, confirmed: plan.rootWork.confirm ? confirmed : null } });
      }}
    >
      <h2>Planned for {dayYear(job.plannedOn)}</h2>
      <p>
        {job.potName ? `${job.potName} is reserved for it. ` : ''}
        <Link to={`/jobs/${job.id}`}>Its bench sheet</Link>
      </p>
      <Confirm plan={plan} confirmed={confirmed} change={setConfirmed} />
      {no && <p className={classes.note}>{no}</p>}
      <Act type="submit" size="lg" loading={change.isPending} missing={missing(no, plan, confirmed)}>
        Use this for the job
      </Act>
    </form>
  );
}
