import { Button, Checkbox, TextInput } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, body, type Schemas } from '../../api/client';
import { ProblemError, faultsByField } from '../../api/problem';
import { Cautions } from '../../ui/Cautions';
import { Section } from '../../ui/Section';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { dayYear } from '../../ui/format';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { actionWords, phaseWords, placeWords } from '../../ui/words';
import { useCatalogue } from '../advice/catalogue';
import { SignRow } from '../check/SignRow';
import { fromStored, toList } from '../check/signs';
import { teamNow, useReader } from '../team/session';
import { Conflict } from '../../ui/Conflict';
import classes from './JobPage.module.css';

type JobView = Schemas['JobView'];

const FOUND = ['ROOTS_CIRCLING', 'MEDIUM_FALLS_AWAY', 'ROOTS_ROTTEN', 'ROOTS_HEALTHY', 'LITTLE_MEDIUM_LEFT', 'MEDIUM_BROKEN_DOWN'];

export function JobPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useQuery({
    queryKey: ['job', id],
    queryFn: () => body(api.GET('/api/jobs/{id}', { params: { path: { id } } })),
  });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return <Job data={data} reload={() => void refetch()} />;
}

function Job({ data, reload }: { data: JobView; reload: () => void }) {
  const { job, advice } = data;
  const { units, today, mayWork } = useReader();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const open = job.status === 'PLANNED' && mayWork;
  const store = (next: JobView) => {
    queries.setQueryData(['job', job.id], next);
    void queries.invalidateQueries({ queryKey: ['jobs'] });
    void queries.invalidateQueries({ queryKey: ['round'] });
    void queries.invalidateQueries({ queryKey: ['plant', job.plantId] });
  };
  const tick = useMutation({
    mutationFn: ({ position, on }: { position: number; on: boolean }) =>
      api.PUT('/api/jobs/{id}/steps/{position}', {
        params: { path: { id: job.id, position } },
        body: { tickedAt: on ? teamNow() : null },
      }),
    onMutate: ({ position, on }) =>
      // from what is shown now, not from when this was drawn: ticks come quickly after one another
      queries.setQueryData<JobView>(
        ['job', job.id],
        (shown) =>
          shown && {
            ...shown,
            steps: shown.steps.map((s) => (s.position === position ? { ...s, tickedAt: on ? teamNow() : null } : s)),
          },
      ),
    onError: (e) => {
      notifyProblem(e);
      reload();
    },
  });
  const done = useMutation({
    mutationFn: () =>
      body(api.PUT('/api/jobs/{id}/done', { params: { path: { id: job.id } }, body: { doneOn: today } })),
    onSuccess: (next) => {
      store(next);
      notifyDone('Done. Aftercare has started.');
      void navigate(next.advice.repot ? `/jobs/${job.id}/card` : `/plants/${job.plantId}`);
    },
    onError: notifyProblem,
  });
  const left = data.steps.filter((s) => s.tickedAt === null).length;
  const plan = advice.repot;
  return (
    <>
      <title>{`${actionWords(job.action)} ${job.commonName} · Happy Saucer`}</title>
      <header className={classes.head}>
        <div>
          <p>
            <Link to={`/plants/${job.plantId}`}>{job.commonName}</Link> <span className="measure">{job.label}</span> ·{' '}
            {placeWords(job.siteName, job.spotName)}
          </p>
          <h1>{actionWords(job.action)}</h1>
          <p>
            {job.status === 'DONE' && job.doneOn
              ? `Done on ${dayYear(job.doneOn)}`
              : `Planned for ${dayYear(job.plannedOn)}, about ${job.minutes} minutes`}
            {job.status === 'DONE' && (
              <>
                {' · '}
                <Link to="card">Card for whoever waters</Link>
              </>
            )}
          </p>
        </div>
        {open && <MoveDay job={job} store={store} reload={reload} />}
      </header>
      <div className={classes.bench}>
        <ol className={classes.steps}>
          {data.steps.map((s, i) => (
            <li key={s.position} data-ticked={s.tickedAt !== null}>
              {data.steps[i - 1]?.phase !== s.phase && <h2>{phaseWords(s.phase)}</h2>}
              <Checkbox
                size="lg"
                classNames={{ body: classes.tickBody, labelWrapper: classes.tickLabel }}
                label={s.text}
                checked={s.tickedAt !== null}
                disabled={!open}
                onChange={(e) => tick.mutate({ position: s.position, on: e.currentTarget.checked })}
              />
              {s.phase === 'INSPECT' && <Found data={data} open={open} store={store} />}
            </li>
          ))}
        </ol>
        <aside className={classes.side}>
          {data.changes.length > 0 && (
            <div className={classes.changes} role="status">
              <h2>The plan has changed</h2>
              {data.changes.map((c) => (
                <p key={c}>{c}</p>
              ))}
            </div>
          )}
          {plan && (
            <Section
              section={plan.section}
              levels={plan.levels}
              rootShare={plan.rootWork.rootShare}
              freshLitres={plan.candidates.find((c) => c.rank === 1)?.freshLitres ?? null}
              units={units}
            />
          )}
          <Cautions cautions={advice.cautions} />
          {open && (
            <div className={classes.finish}>
              <p>{left === 0 ? 'Every step is ticked.' : `${left} steps are not ticked.`}</p>
              <Button size="lg" fullWidth loading={done.isPending} onClick={() => done.mutate()}>
                {plan ? 'Done: start the aftercare' : 'Put back: close the job'}
              </Button>
            </div>
          )}
        </aside>
      </div>
    </>
  );
}

/** What the slip shows outranks what was expected: the plan is made again at once. */
function Found({ data, open, store }: { data: JobView; open: boolean; store: (next: JobView) => void }) {
  const catalogue = useCatalogue();
  const [tapped, setTapped] = useState(() => fromStored(data.found));
  const found = useMutation({
    mutationFn: () =>
      body(
        api.PUT('/api/jobs/{id}/found', {
          params: { path: { id: data.job.id } },
          body: { signs: toList(tapped) },
        }),
      ),
    onSuccess: (next) => {
      store(next);
      notifyDone(next.changes.length > 0 ? 'The plan has changed.' : 'Recorded. The plan stands.');
    },
    onError: notifyProblem,
  });
  const signs = catalogue?.signs.filter((s) => FOUND.includes(s.code)) ?? [];
  if (!open) return null;
  return (
    <div className={classes.found}>
      <ul>
        {signs.map((s) => (
          <SignRow key={s.code} item={s} tapped={tapped} change={setTapped} />
        ))}
      </ul>
      <Button variant="default" loading={found.isPending} onClick={() => found.mutate()}>
        Record what I found
      </Button>
    </div>
  );
}

function MoveDay({ job, store, reload }: { job: Schemas['JobSummary']; store: (next: JobView) => void; reload: () => void }) {
  const [on, setOn] = useState(job.plannedOn);
  const [stale, setStale] = useState<ProblemError | null>(null);
  const move = useMutation({
    mutationFn: (version: number) =>
      body(
        api.PUT('/api/jobs/{id}/day', {
          params: { path: { id: job.id }, header: { 'If-Match': `"${version}"` } },
          body: { plannedOn: on },
        }),
      ),
    onSuccess: (next) => {
      setStale(null);
      store(next);
      notifyDone(`Moved to ${dayYear(next.job.plannedOn)}.`);
    },
    onError: (e) => {
      if (e instanceof ProblemError && e.status === 412) setStale(e);
      else if (!faultsByField(e).plannedOn) notifyProblem(e);
    },
  });
  return (
    <form
      className={classes.move}
      onSubmit={(e) => {
        e.preventDefault();
        move.mutate(job.version);
      }}
    >
      <TextInput
        type="date"
        label="Move to"
        min={job.windowFrom}
        max={job.windowTo}
        value={on}
        error={faultsByField(move.error).plannedOn}
        onChange={(e) => setOn(e.currentTarget.value)}
      />
      <Button type="submit" variant="default" disabled={on === job.plannedOn} loading={move.isPending}>
        Move
      </Button>
      {stale && (
        <Conflict
          problem={stale.problem}
          labels={{ plannedOn: 'Day' }}
          keepMine={() => move.mutate(stale.problem.version ?? job.version)}
          takeTheirs={() => {
            setStale(null);
            reload();
          }}
        />
      )}
    </form>
  );
}
