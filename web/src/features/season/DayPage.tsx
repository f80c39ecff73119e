import { Button, NumberInput, Textarea, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { addDays, clockTime, dayYear, litres, mass, say, weekday, type Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { actionWords, plain } from '../../ui/words';
import { VisitAct } from '../round/Visit';
import { useReader } from '../team/session';
import { hoursWords, kindWords } from './load';
import classes from './Day.module.css';

type Plan = Schemas['DayPlan'];
type Stop = Schemas['DayStop'];
type DayJob = Schemas['DayJob'];
type Line = Schemas['LoadLine'];

const FLOORS: Record<string, string> = { LIFT: 'There is a lift.', STAIRS: 'Stairs only.' };

/** A crew's day: where it goes, what it does there, and what the van carries. */
export function DayPage() {
  const { today, paper, mayWork } = useReader();
  const [params, setParams] = useSearchParams();
  const crews = useQuery(reads.crews());
  const on = params.get('on') ?? today;
  const crew = params.get('crew') ?? crews.data?.[0]?.id ?? null;
  const { data, error, refetch } = useQuery({ ...reads.crewDay(crew ?? '', on), enabled: crew !== null });
  const go = (to: { crew?: string; on?: string }) => setParams({ crew: to.crew ?? crew ?? '', on: to.on ?? on }, { replace: true });
  if (crews.error) return <Trouble error={crews.error} again={() => void crews.refetch()} />;
  if (!crews.data) return <Waiting />;
  if (crews.data.length === 0) {
    return (
      <p>
        Nobody goes out yet: <Link to="/crews">set up a crew</Link>.
      </p>
    );
  }
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return (
    <>
      <title>A crew’s day · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>
            {data.crew}, {weekday(data.on)}
          </h1>
          <p>{headline(data)}</p>
        </div>
        <div className={`${page.tools} no-print`}>
          {crews.data.filter((c) => c.id !== data.crewId).map((c) => (
            <Button key={c.id} variant="default" onClick={() => go({ crew: c.id })}>
              {c.name}
            </Button>
          ))}
          <Button variant="default" aria-label="The day before" onClick={() => go({ on: addDays(on, -1) })}>
            ←
          </Button>
          <Button variant="default" aria-label="The day after" onClick={() => go({ on: addDays(on, 1) })}>
            →
          </Button>
          <Button component="a" href={`/api/crews/${data.crewId}/day/sheet?on=${data.on}&paper=${paper}`} target="_blank" variant="default">
            Print it
          </Button>
        </div>
      </div>
      {data.stops.length === 0 ? (
        <p>
          Nothing is planned for {data.crew} on {dayYear(data.on)}. <Link to={`/week?of=${data.on}`}>The week</Link> shows what is.
        </p>
      ) : (
        <div className={classes.bench}>
          <ol className={classes.stops}>
            {data.stops.map((s) => (
              <StopOnTheWay key={s.siteId ?? 'workshop'} stop={s} today={today} mayWork={mayWork} on={data.on} />
            ))}
          </ol>
          <div>
            <VanLoad load={data.load} />
            {mayWork && data.on <= today && <EndOfDay key={data.on} plan={data} />}
          </div>
        </div>
      )}
    </>
  );
}

function headline(d: Plan): string {
  const who = d.people.join(' and ');
  const away = d.away.length > 0 ? ` Away: ${d.away.join(', ')}.` : '';
  if (!d.begins || !d.ends) return `${who} do not go out on this day.${away}`;
  const hours = `${who}, ${clockTime(d.begins)} to ${clockTime(d.ends)}.`;
  if (d.stops.length === 0) return hours + away;
  const back = ` Back at ${clockTime(d.back)}, ${hoursWords(d.drivingMinutes)} on the road`;
  const over = d.overMinutes > 0 ? `: ${hoursWords(d.overMinutes)} too long.` : '.';
  return `${hours}${back}${over}${away}${d.exact ? '' : ' So many stops are put in a good order, not surely the best.'}`;
}

function StopOnTheWay({ stop: s, today, mayWork, on }: { stop: Stop; today: string; mayWork: boolean; on: string }) {
  const hours = s.opens && s.closes ? `Open ${clockTime(s.opens)} to ${clockTime(s.closes)}. ` : s.closes ? `Closes at ${clockTime(s.closes)}. ` : s.opens ? `Opens at ${clockTime(s.opens)}. ` : '';
  return (
    <li className={classes.stop}>
      <header>
        <span className={`${classes.at} measure`}>{clockTime(s.arrive)}</span>
        <div>
          <h2>{s.siteId ? <Link to={`/sites/${s.siteId}`}>{s.siteName}</Link> : s.siteName}</h2>
          <p>
            {s.wayMinutes} min there{s.begin !== s.arrive && `, wait until ${clockTime(s.begin)}`}, done by {clockTime(s.leave)}. {hours}
            {FLOORS[s.floors]}
          </p>
          {s.accessNote && <p className={classes.access}>{s.accessNote}</p>}
          {mayWork && s.round && on === today && (
            <div className={`${classes.visit} no-print`}>
              <VisitAct stop={s.round} />
            </div>
          )}
          {s.lateMinutes > 0 && <p className={classes.late}>{hoursWords(s.lateMinutes)} after it has closed. Move something to another day.</p>}
        </div>
      </header>
      <ul>
        {s.jobs.map((j) => (
          <JobOnTheWay key={j.id} job={j} mayWork={mayWork && on <= today} today={today} />
        ))}
      </ul>
      {s.also.length > 0 && (
        <>
          <h3>Also due here</h3>
          <ul>
            {s.also.map((a) => (
              <li key={a.plantId} className={classes.job}>
                <div>
                  <strong>
                    <Link to={`/plants/${a.plantId}`}>{a.commonName}</Link> <span className="measure">{a.label}</span>
                  </strong>
                  <p>
                    {a.spotName}. {a.texts.join('; ')}
                  </p>
                </div>
                {mayWork && on === today && (
                  <div className={classes.acts}>
                    <Button component={Link} to={`/plants/${a.plantId}/check`} variant="default" size="md" aria-label={`Check ${a.commonName} ${a.label}`}>
                      Check
                    </Button>
                  </div>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </li>
  );
}

function JobOnTheWay({ job: j, mayWork, today }: { job: DayJob; mayWork: boolean; today: string }) {
  const [skipping, setSkipping] = useState(false);
  const [why, setWhy] = useState('');
  const skip = useWrite(writes.skipSeasonJob, { done: () => notifyDone(`${j.commonName}: back in the plan.`) });
  const done = useWrite(writes.seasonJobDone, { done: () => notifyDone(`${j.commonName}: done.`) });
  const [took, setTook] = useState<number | string>('');
  const bench = j.jobId !== null && j.place !== 'COLLECT' && j.place !== 'RETURN';
  const first = j.kind === 'REPOT' && j.place === 'SITE' && j.jobId === null;
  return (
    <li className={classes.job} data-done={j.done}>
      <div>
        <strong>
          <Link to={bench ? `/jobs/${j.jobId ?? ''}` : `/plants/${j.plantId}`}>{j.commonName}</Link> <span className="measure">{j.label}</span>
        </strong>
        <p>
          {j.action && j.kind === 'REPOT' ? actionWords(j.action) : kindWords(j)}, {j.spotName}. <span className="measure">{j.minutes} min</span>
          {j.people > 1 && ', two people'}
          {j.together && `, together with ${j.together}`}
          {j.pot && `. Into: ${j.pot}`}
        </p>
        {j.why && !j.done && <p className="soft">{j.why}</p>}
        {j.held && <p className={classes.late}>On hold: {j.held}</p>}
        {j.note && <p className={classes.access}>{j.note}</p>}
        {first && !j.done && <p className={classes.late}>It has no pot yet: plan it on its page, or make the week known.</p>}
      </div>
      {j.done ? (
        <span className={classes.tick}>✓ done</span>
      ) : (
        mayWork && (
          <div className={classes.acts}>
            {bench ? (
              <Button component={Link} to={`/jobs/${j.jobId ?? ''}`} size="md">
                Bench sheet
              </Button>
            ) : j.kind === 'SLIP_CHECK' ? (
              <Button component={Link} to={`/plants/${j.plantId}/check`} size="md">
                Check it
              </Button>
            ) : (
              !first && (
                <>
                  <NumberInput
                    className={classes.took}
                    aria-label={`Minutes it took: ${j.commonName} ${j.label}`}
                    placeholder={`${j.minutes} min`}
                    suffix=" min"
                    hideControls
                    size="md"
                    min={1}
                    max={600}
                    allowDecimal={false}
                    value={took}
                    onChange={setTook}
                  />
                  <Button size="md" loading={done.isPending} onClick={() => done.mutate({ id: j.id, request: { doneOn: today, minutes: took === '' ? null : Number(took) } })}>
                    Done
                  </Button>
                </>
              )
            )}
            {!skipping && (
              <Button variant="default" size="md" onClick={() => setSkipping(true)}>
                Not today
              </Button>
            )}
          </div>
        )
      )}
      {skipping && (
        <div className={classes.skip}>
          <TextInput label="Why not?" description="Whoever plans it next reads this." value={why} maxLength={400} data-autofocus onChange={(e) => setWhy(e.currentTarget.value)} />
          <Act missing={why.trim() === '' && 'Say why.'} loading={skip.isPending} onClick={() => skip.mutate({ id: j.id, why: why.trim() })}>
            Back to the plan
          </Act>
          <Button variant="subtle" onClick={() => setSkipping(false)}>
            Leave it
          </Button>
        </div>
      )}
    </li>
  );
}

function amount(l: Line, units: Units): string {
  if (l.unit === 'L') return say(litres(l.amount, units));
  return l.unit === 'g' ? say(mass(l.amount, units)) : String(Math.round(l.amount));
}

const words = (label: string): string => (label === label.toUpperCase() ? plain(label) : label);

/** What the van carries, added up from the jobs of the day. */
function VanLoad({ load }: { load: Plan['load'] }) {
  const { units } = useReader();
  const heavy = load.kilograms > load.vanKg;
  const full = load.litres > load.vanLitres;
  const part = (title: string, lines: Line[], labels: boolean) =>
    lines.length > 0 && (
      <>
        <h3>{title}</h3>
        <ul>
          {lines.map((l) => (
            <li key={l.code}>
              <span className="measure">{amount(l, units)}</span>
              <span>
                {words(l.label)}
                {(l.place || labels) && (
                  <small>
                    {' '}
                    {l.place && `${l.place}; `}
                    {labels && (
                      <>
                        for{' '}
                        {l.of.map((of, i) => (
                          <span key={of} className={classes.of}>
                            {of}
                            {i < l.of.length - 1 && ','}
                          </span>
                        ))}
                      </>
                    )}
                  </small>
                )}
              </span>
            </li>
          ))}
        </ul>
      </>
    );
  return (
    <section className={classes.load} aria-labelledby="load">
      <h2 id="load">The van carries</h2>
      <p data-over={heavy || full}>
        <span className="measure">{say(mass(load.kilograms * 1000, units))}</span> of {say(mass(load.vanKg * 1000, units))}, <span className="measure">{say(litres(load.litres, units))}</span> of{' '}
        {say(litres(load.vanLitres, units))}
        {load.people > 1 && '; two people'}
      </p>
      {part('Pots', load.pots, true)}
      {part('Mixes', load.mixes, true)}
      {part('Made of', load.ingredients, false)}
      {part('Besides', load.besides, false)}
      {part('Feed', load.feeds, false)}
      {part('Tools', load.tools, false)}
      {load.without.length > 0 && (
        <>
          <h3>Without a pot yet</h3>
          <p>{load.without.join(', ')}. Their mass is reckoned in; their pots and mixes are not in the list.</p>
        </>
      )}
      {load.cautions.length > 0 && (
        <details>
          <summary>Take care ({load.cautions.length})</summary>
          <ul className={classes.cautions}>
            {load.cautions.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

function EndOfDay({ plan }: { plan: Plan }) {
  const [why, setWhy] = useState('');
  const open = plan.stops.flatMap((s) => s.jobs).filter((j) => !j.done).length;
  const end = useWrite(writes.endCrewDay, { done: ({ left }) => notifyDone(left === 0 ? 'The day is done.' : `${left} went back to the plan.`) });
  if (open === 0) return <p className={classes.access}>Everything of this day is done.</p>;
  return (
    <section className={classes.end} aria-labelledby="end">
      <h2 id="end">End the day</h2>
      <p>{open === 1 ? 'One job is open: it goes' : `${open} jobs are open: they go`} back to the plan.</p>
      <Textarea label="Why they were not done" value={why} maxLength={400} autosize onChange={(e) => setWhy(e.currentTarget.value)} />
      <Act missing={why.trim() === '' && 'Say why, for whoever plans them.'} variant="default" loading={end.isPending} onClick={() => end.mutate({ crewId: plan.crewId, on: plan.on, why: why.trim() })}>
        End it
      </Act>
    </section>
  );
}
