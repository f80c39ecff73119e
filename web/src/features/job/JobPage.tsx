import { Button, Checkbox, Menu } from '@mantine/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { DateField } from '../../ui/DateField';
import { Cautions } from '../../ui/Cautions';
import { PhotoPicker } from '../../ui/PhotoPicker';
import { PhotoStrip } from '../../ui/PhotoStrip';
import { Section } from '../../ui/Section';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { dayYear, type Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
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
  const { data, error, refetch } = useQuery(reads.job(id));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return <Job data={data} reload={async () => (await refetch()).data} />;
}

function Job({ data, reload }: { data: JobView; reload: () => Promise<JobView | undefined> }) {
  const { job, advice } = data;
  const { units, mayWork } = useReader();
  const queries = useQueryClient();
  const open = job.status === 'PLANNED' && mayWork;
  const tick = useWrite(writes.tickStep, {
    sent: ({ position, tickedAt }) =>
      // from what is shown now, not from when this was drawn: ticks come quickly after one another
      void queries.setQueryData(
        reads.job(job.id).queryKey,
        (shown) => shown && { ...shown, steps: shown.steps.map((s) => (s.position === position ? { ...s, tickedAt } : s)) },
      ),
    failed: () => void reload(),
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
          <Sheet id={job.id} />
          {open && (
            <Button component={Link} to={`/plants/${job.plantId}/repot`} variant="default">
              Change pot or cuts
            </Button>
          )}
          {open && <MoveDay job={job} reload={() => void reload()} />}
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
          {open && advice.call.action === 'BREAK_OUT' && <Kept data={data} />}
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
                  onChange={(e) => tick.mutate({ jobId: job.id, position: s.position, tickedAt: e.currentTarget.checked ? teamNow() : null })}
                />
                {open && s.phase === 'INSPECT' && <Found data={data} units={units} reload={reload} />}
                {open && plan?.section.wires != null && s.phase === 'SET' && data.steps[i + 1]?.phase !== 'SET' && (
                  <Setting data={data} />
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
          {open && <Finish data={data} />}
          {open && <Drop job={job} />}
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
      {job.status === 'PLANNED' && advice.repot?.needs.some((n) => n.kind === 'MIX') && (
        <>
          {' · '}
          <Link to={`/batches?job=${job.id}&on=${job.plannedOn}`}>Mix for it</Link>
        </>
      )}
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
function Sheet({ id }: { id: string }) {
  const { paper: own } = useReader();
  const papers = own === 'LETTER' ? ['LETTER', 'A4'] : ['A4', 'LETTER'];
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

function Drop({ job }: { job: Schemas['JobSummary'] }) {
  const [sure, setSure] = useState(false);
  const drop = useWrite(writes.dropJob, { done: () => void notifyDone('Dropped. Its pot is free again.') });
  return (
    <Button variant="subtle" color="oxblood" loading={drop.isPending} onClick={() => (sure ? drop.mutate({ id: job.id }) : setSure(true))}>
      {sure ? 'Drop it for good' : 'Drop this job'}
    </Button>
  );
}

function MoveDay({ job, reload }: { job: Schemas['JobSummary']; reload: () => void }) {
  const [on, setOn] = useState(job.plannedOn);
  const { save: move, stale, settled, faults } = useVersionedWrite(writes.moveJob, {
    done: (next) => {
      settled();
      notifyDone(`Moved to ${dayYear(next.job.plannedOn)}.`);
    },
  });
  const send = (version: number) => move.mutate({ id: job.id, version, request: { plannedOn: on } });
  return (
    <form
      className={classes.move}
      onSubmit={(e) => {
        e.preventDefault();
        send(job.version);
      }}
    >
      <DateField
        label="Move to"
        min={job.windowFrom}
        max={job.windowTo}
        value={on}
        error={faults.plannedOn}
        required
        change={setOn}
      />
      <Act type="submit" variant="default" missing={on === job.plannedOn && 'Choose another day.'} loading={move.isPending}>
        Move
      </Act>
      {stale && (
        <Conflict
          problem={stale.problem}
          labels={{ plannedOn: 'Day' }}
          keepMine={() => send(stale.problem.version ?? job.version)}
          takeTheirs={() => {
            settled();
            reload();
          }}
        />
      )}
    </form>
  );
}
