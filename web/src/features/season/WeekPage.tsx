import { Button, Drawer } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import page from '../../ui/Page.module.css';
import { Act } from '../../ui/Act';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { addDays, day, dayYear } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { Board } from './Board';
import { JobPanel, crewNames } from './JobPanel';
import classes from './Season.module.css';

/** A week, crew by crew and day by day; what is right is made known. */
export function WeekPage() {
  const { today, mayPlan } = useReader();
  const [params, setParams] = useSearchParams();
  const of = params.get('of') ?? today;
  const { data, error, refetch } = useQuery(reads.seasonWeek(of));
  const [chosen, setChosen] = useState<string | null>(null);
  const { save: place } = useVersionedWrite(writes.placeJob, {
    done: (job) => notifyDone(job.plannedOn ? `${job.commonName}: on ${day(job.plannedOn)} now.` : `${job.commonName} waits again.`),
    failed: () => void refetch(),
  });
  const undo = useWrite(writes.undoPlan, { done: ({ jobs }) => notifyDone(`Taken back: ${jobs === 1 ? 'one job stands' : `${jobs} jobs stand`} where they stood.`) });
  const [without, setWithout] = useState<string[]>([]);
  const publish = useWrite(writes.publishWeek, {
    done: (known) => {
      setWithout(known.without);
      notifyDone(`Made known: ${known.jobs} jobs${known.repots > 0 ? `, ${known.repots} of them have their pot now` : ''}.`);
    },
  });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const crews = crewNames(data.crews);
  const job = [...data.jobs, ...data.waiting].find((j) => j.id === chosen);
  const last = addDays(data.first, 6);
  const known = data.jobs.length > 0 && data.jobs.every((j) => j.published);
  const go = (to: string) => setParams({ of: to }, { replace: true });
  return (
    <>
      <title>Week · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>
            {day(data.first)} to {dayYear(last)}
          </h1>
          <p>Take a job to another day or crew; it is checked at once. Space takes it by key, arrows move it.</p>
        </div>
        <div className={page.tools}>
          <Button variant="default" onClick={() => go(addDays(data.first, -7))} aria-label="The week before">
            ←
          </Button>
          <Button variant="default" onClick={() => go(today)}>
            This week
          </Button>
          <Button variant="default" onClick={() => go(addDays(data.first, 7))} aria-label="The week after">
            →
          </Button>
          <Button component={Link} to="/season" variant="default">
            Season
          </Button>
          <Button component={Link} to={`/day?on=${data.first > today ? data.first : today}`} variant="default">
            A crew’s day
          </Button>
          {mayPlan && data.lastChange && (
            <Button variant="subtle" title={data.lastChange.words} loading={undo.isPending} onClick={() => data.lastChange && undo.mutate({ id: data.lastChange.id })}>
              Undo
            </Button>
          )}
          {mayPlan && (
            <Act
              missing={data.jobs.length === 0 ? 'Nothing is planned in it yet.' : last < today ? 'This week is over.' : known && 'It is known as it stands.'}
              loading={publish.isPending}
              onClick={() => publish.mutate({ of: data.first })}
            >
              Make this week known
            </Act>
          )}
        </div>
      </div>
      {without.length > 0 && (
        <div className={classes.empty} role="status">
          Known, but without a pot:
          <ul>
            {without.map((w) => (
              <li key={w}>{w}</li>
            ))}
          </ul>
        </div>
      )}
      {data.crews.length === 0 && (
        <p className={classes.empty}>
          Nobody goes out yet: <Link to="/crews">set up a crew</Link>.
        </p>
      )}
      <Board
        board={data}
        mayPlan={mayPlan}
        chosen={chosen}
        choose={setChosen}
        drop={(j, to) =>
          place.mutate({
            id: j.id,
            version: j.version,
            request: { on: to?.day ?? null, leadId: to?.crewId ?? null, helperId: null, pinned: false, overrule: null },
          })
        }
      />
      <Drawer opened={job !== undefined} onClose={() => setChosen(null)} position="right" size="430px" withCloseButton={false} title="A job of the season">
        {job && <JobPanel job={job} crews={crews} close={() => setChosen(null)} />}
      </Drawer>
    </>
  );
}
