import { Button, Checkbox, Menu, TextInput } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, body, type Schemas } from '../../api/client';
import { ProblemError, faultsByField } from '../../api/problem';
import { Cautions } from '../../ui/Cautions';
import { PhotoPicker } from '../../ui/PhotoPicker';
import { PhotoStrip } from '../../ui/PhotoStrip';
import { Section } from '../../ui/Section';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { dayYear, type Units } from '../../ui/format';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { measures } from '../../ui/sectionShape';
import { actionWords, phaseWords, placeWords, plain } from '../../ui/words';
import { teamNow, useReader } from '../team/session';
import { Conflict } from '../../ui/Conflict';
import { Finish } from './Finish';
import { Found } from './Found';
import { Kept } from './Kept';
import { Setting } from './Setting';
import classes from './JobPage.module.css';

type JobView = Schemas['JobView'];

export function JobPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useQuery({
    queryKey: ['job', id],
    queryFn: () => body(api.GET('/api/jobs/{id}', { params: { path: { id } } })),
  });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return <Job data={data} reload={async () => (await refetch()).data} />;
}

function Job({ data, reload }: { data: JobView; reload: () => Promise<JobView | undefined> }) {
  const { job, advice } = data;
  const { units, mayWork } = useReader();
  const queries = useQueryClient();
  const open = job.status === 'PLANNED' && mayWork;
  const store = (next: JobView) => {
    queries.setQueryData(['job', job.id], next);
    for (const key of [['jobs'], ['round'], ['shelf'], ['plant', job.plantId]]) void queries.invalidateQueries({ queryKey: key });
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
      void reload();
    },
  });
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
              ? `Done on ${dayYear(job.doneOn)}${job.minutesTaken === null ? '' : ` in ${job.minutesTaken} minutes`}`
              : job.status === 'DROPPED'
                ? 'Dropped'
                : `Planned for ${dayYear(job.plannedOn)}, about ${job.minutes} minutes`}
            {job.status === 'DONE' && (
              <>
                {' · '}
                <Link to="card">Card for whoever waters</Link>
              </>
            )}
          </p>
        </div>
        <div className={classes.tools}>
          <Sheet id={job.id} units={units} />
          {open && (
            <Button component={Link} to={`/plants/${job.plantId}/repot`} variant="default">
              Change pot or cuts
            </Button>
          )}
          {open && <MoveDay job={job} store={store} reload={() => void reload()} />}
        </div>
      </header>
      {open && job.note && (
        <p className={classes.note} role="status">
          {job.note}
        </p>
      )}
      <PotLine data={data} units={units} />
      <div className={classes.bench}>
        <div className={classes.look}>
          {plan && (
            <Section
              section={plan.section}
              candidate={plan.candidates.find((c) => c.rank === 1) ?? plan.orderPot}
              rootShare={plan.rootWork.rootShare}
              units={units}
            />
          )}
          <Cautions cautions={advice.cautions} />
        </div>
        <div className={classes.order}>
          {data.changes.length > 0 && <Changes data={data} />}
          {open && advice.call.action === 'BREAK_OUT' && <Kept data={data} store={store} />}
          <ol className={classes.steps}>
            {data.steps.map((s, i) => (
              <li key={s.position} data-ticked={s.tickedAt !== null}>
                {data.steps[i - 1]?.phase !== s.phase && <h2>{phaseWords(s.phase)}</h2>}
                <Checkbox
                  size="xl"
                  classNames={{ body: classes.tickBody, labelWrapper: classes.tickLabel }}
                  label={s.text}
                  checked={s.tickedAt !== null}
                  disabled={!open}
                  onChange={(e) => tick.mutate({ position: s.position, on: e.currentTarget.checked })}
                />
                {open && s.phase === 'INSPECT' && <Found data={data} units={units} store={store} reload={reload} />}
                {open && plan?.section.wires != null && s.phase === 'SET' && data.steps[i + 1]?.phase !== 'SET' && (
                  <Setting data={data} store={store} />
                )}
              </li>
            ))}
          </ol>
        </div>
        <div className={classes.end}>
          <section aria-labelledby="photos" className={classes.photos}>
            <h2 id="photos">Photos</h2>
            {open && <PhotoPicker plantId={job.plantId} occasion={{ job: job.id }} />}
            {data.photos.length > 0 && <PhotoStrip photos={data.photos} />}
          </section>
          {open && <Finish data={data} store={store} />}
          {open && <Drop job={job} store={store} />}
        </div>
      </div>
    </>
  );
}

/** Which pot it takes, and whether it is there. */
function PotLine({ data, units }: { data: JobView; units: Units }) {
  const { job, advice } = data;
  const pot = advice.repot?.candidates.find((c) => c.rank === 1);
  if (!pot) return null;
  const size = measures(pot.pot, units);
  const settled = [
    data.wish?.breakOut === 'PLANT' && 'the owner keeps the plant',
    data.wish?.breakOut === 'POT' && 'the owner keeps the pot',
    data.front && `front: ${data.front}`,
    data.angleDegrees !== null && data.angleDegrees !== 0 && `trunk at ${data.angleDegrees} °`,
  ].filter(Boolean);
  return (
    <p className={classes.pot} data-missing={data.toOrder}>
      {pot.id === 'current' ? 'Its own pot' : data.toOrder ? 'A pot that has yet to be ordered' : (job.potName ?? plain(pot.material))}
      {job.potCount > 1 && ` (${job.potCount} of them)`} <span className="measure">{size}</span>
      {job.potName && job.status === 'PLANNED' && ', reserved on the shelf'}
      {settled.length > 0 && ` · ${settled.join(', ')}`}
    </p>
  );
}

/** What the slip changed, before and after, and why. */
function Changes({ data }: { data: JobView }) {
  return (
    <div className={classes.changes} role="status">
      <h2>The plan has changed</h2>
      {data.why.map((w) => (
        <p key={w}>{w}</p>
      ))}
      <dl>
        {data.changes.map((c) => (
          <div key={c.what}>
            <dt>{c.what}</dt>
            <dd>
              <s>{c.before}</s> {c.after}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

/** One page to print; the paper that the reader's units suggest comes first. */
function Sheet({ id, units }: { id: string; units: Units }) {
  const papers = units === 'IMPERIAL' ? ['LETTER', 'A4'] : ['A4', 'LETTER'];
  return (
    <Menu position="bottom-end" width={210}>
      <Menu.Target>
        <Button variant="default">Print the sheet</Button>
      </Menu.Target>
      <Menu.Dropdown>
        {papers.map((paper) => (
          <Menu.Item key={paper} component="a" href={`/api/jobs/${id}/sheet?paper=${paper}`} target="_blank" rel="noreferrer">
            {paper === 'A4' ? 'On A4' : 'On Letter'}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

function Drop({ job, store }: { job: Schemas['JobSummary']; store: (next: JobView) => void }) {
  const [sure, setSure] = useState(false);
  const drop = useMutation({
    mutationFn: () => body(api.DELETE('/api/jobs/{id}', { params: { path: { id: job.id } } })),
    onSuccess: (next) => {
      store(next);
      notifyDone('Dropped. Its pot is free again.');
    },
    onError: notifyProblem,
  });
  return (
    <Button variant="subtle" color="oxblood" loading={drop.isPending} onClick={() => (sure ? drop.mutate() : setSure(true))}>
      {sure ? 'Drop it for good' : 'Drop this job'}
    </Button>
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
