import { Button, Tabs } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { addDays, count, day, dayYear } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { AddByHand } from './AddByHand';
import { JobLines } from './JobLines';
import { JobPanel, crewNames } from './JobPanel';
import { Search } from './Search';
import { Year, YearKey } from './Year';
import { costOfAWeek, crowded, filled, hoursWords, over, standing, waiting, type Job } from './load';
import classes from './Season.module.css';

/** While jobs follow what changed for all plants, the page looks again. */
const AGAIN_MS = 5000;

/** The year ahead: what is wanted in each week against who is there, and a plan that makes it fit. */
export function SeasonPage() {
  const { mayPlan } = useReader();
  const { data, error, refetch } = useQuery({
    ...reads.season(),
    refetchInterval: (query) => (query.state.data?.waiting ? AGAIN_MS : false),
  });
  const [week, setWeek] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const undo = useWrite(writes.undoPlan, { done: ({ jobs }) => notifyDone(`Taken back: ${jobs} jobs stand where they stood.`) });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const crews = crewNames(data.crews);
  const full = crowded(data.weeks);
  const first = week ?? full[0]?.first ?? data.weeks[0]?.first ?? data.today;
  const at = data.weeks.find((w) => w.first === first);
  const last = addDays(first, 6);
  const within = (on: string | null) => on !== null && on >= first && on <= last;
  const ofWeek = data.jobs.filter((j) => within(j.plannedOn) || (j.plannedOn === null && !j.afterId && within(j.idealOn < data.today ? data.today : j.idealOn)));
  const follow = data.jobs.filter((j) => j.afterId !== null && j.plannedOn === null).length;
  const run = data.runs.find((r) => r.status !== 'ACCEPTED' && r.outcome);
  const found = run?.outcome ?? null;
  const { blocked, unplanned, late } = waiting(data.jobs);
  const job = data.jobs.find((j) => j.id === chosen);
  const missing = data.crews.length === 0 ? 'Set up a crew first.' : data.jobs.length === 0 ? 'No plant asks for anything yet.' : null;
  const sites = [...new Map(data.jobs.map((j) => [j.siteId, { id: j.siteId, name: j.siteName }])).values()].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <>
      <title>Season · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Season</h1>
          <p>{headline(full.length, full.reduce((sum, w) => sum + over(w, w.wanted), 0), full[0]?.first)}</p>
          {data.waiting > 0 && <p role="status">{count(data.waiting)} plants are still being looked through; their jobs follow.</p>}
        </div>
        <div className={page.tools}>
          {mayPlan && data.lastChange && (
            <Button variant="subtle" loading={undo.isPending} onClick={() => data.lastChange && undo.mutate({ id: data.lastChange.id })} title={data.lastChange.words}>
              Undo the last change
            </Button>
          )}
          <Button component={Link} to={`/week?of=${first}`} variant="default">
            The week, day by day
          </Button>
          {mayPlan && (
            <Button
              variant="default"
              onClick={() => {
                setChosen(null);
                setAdding(true);
              }}
            >
              Add a job
            </Button>
          )}
          {mayPlan && (
            <Button component={Link} to="/crews" variant="default">
              Crews
            </Button>
          )}
        </div>
      </div>
      {data.crews.length === 0 && (
        <p className={classes.empty}>
          Nobody goes out yet: <Link to="/crews">set up a crew</Link>, with its days, its hours and its van.
        </p>
      )}
      {run && found ? (
        <>
          <h2 className={classes.yearName}>As it stands</h2>
          <Year name="Load by week, as it stands" weeks={data.weeks} beside={found.weeks} chosen={first} choose={setWeek} />
          <h2 className={classes.yearName}>{run.kind === 'WHAT_IF' ? run.title : 'As found'}</h2>
          <Year name="Load by week, as found" weeks={found.weeks} beside={data.weeks} chosen={first} choose={setWeek} />
        </>
      ) : (
        <Year weeks={data.weeks} chosen={first} choose={setWeek} />
      )}
      <YearKey found={found !== null} />
      <div className={classes.bench}>
        <section aria-labelledby="of-week">
          <h2 id="of-week">
            {day(first)} to {dayYear(last)}
          </h2>
          {at && (
            <p className={classes.lead}>
              {hoursWords(at.wanted)} wanted, {hoursWords(at.capacity)} there, {hoursWords(filled(at))} planned
              {over(at, at.wanted) > 0 && <strong className={classes.tooMuch}>: {hoursWords(over(at, at.wanted))} too much</strong>}
            </p>
          )}
          {ofWeek.length === 0 && <p>Nothing is wanted or planned in this week.</p>}
          <JobLines jobs={ofWeek} chosen={chosen} choose={setChosen} detail={(j) => slack(j, data.weights)} />
        </section>
        <section aria-label="What waits">
          <Tabs defaultValue="unplanned" keepMounted={false}>
            <Tabs.List>
              <Tabs.Tab value="unplanned">No day yet ({unplanned.length})</Tabs.Tab>
              <Tabs.Tab value="blocked">Cannot be planned ({blocked.length})</Tabs.Tab>
              <Tabs.Tab value="late">Late ({late.length})</Tabs.Tab>
            </Tabs.List>
            <Tabs.Panel value="unplanned">
              <JobLines jobs={unplanned} chosen={chosen} choose={setChosen} detail={(j) => slack(j, data.weights)} />
              {follow > 0 && <p className={classes.more}>{follow} looks and top-ups go with their repots.</p>}
              {data.more > 0 && <p className={classes.more}>{data.more} more, with later days, come in as these are done.</p>}
              {unplanned.length === 0 && <p>Everything that can be planned has its day.</p>}
            </Tabs.Panel>
            <Tabs.Panel value="blocked">
              <JobLines jobs={blocked} chosen={chosen} choose={setChosen} detail={(j) => j.blocked ?? ''} />
              {blocked.length === 0 && <p>Nothing stands in the way of a plan.</p>}
            </Tabs.Panel>
            <Tabs.Panel value="late">
              <JobLines jobs={late} chosen={chosen} choose={setChosen} detail={(j) => `${j.daysLate} days after its best day`} />
              {late.length === 0 && <p>Nothing that is planned comes late.</p>}
            </Tabs.Panel>
          </Tabs>
        </section>
        <div>
          {job ? (
            <JobPanel job={job} crews={crews} close={() => setChosen(null)} />
          ) : (
            mayPlan && (adding ? <AddByHand close={() => setAdding(false)} /> : <Search runs={data.runs} weeks={data.weeks} now={standing(data.jobs, data.weeks)} sites={sites} missing={missing} />)
          )}
        </div>
      </div>
    </>
  );
}

function headline(weeks: number, minutes: number, first: string | undefined): string {
  if (weeks === 0 || !first) return 'Every week holds what is wanted of it.';
  return `${weeks === 1 ? 'One week is' : `${weeks} weeks are`} overfull by ${hoursWords(minutes)} together, the first that of ${dayYear(first)}.`;
}

/** What may be done earlier or later, at what cost. */
function slack(job: Job, weights: Parameters<typeof costOfAWeek>[1]): string {
  if (job.afterId) return 'goes with its repot';
  return `from ${day(job.fromOn)} to ${day(job.toOn)}; a week later costs as much as ${costOfAWeek(job, weights)} of driving`;
}
