import { Button, UnstyledButton } from '@mantine/core';
import { IconCheck, IconChevronLeft, IconChevronRight, IconDroplet, IconDropletFilled } from '@tabler/icons-react';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { newId, type Schemas } from '../../api/client';
import { useOnceEach } from '../../api/once';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { PotGlyph } from '../../ui/PotGlyph';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { addDays, day, weekday } from '../../ui/format';
import { actionWords, urgencyWords } from '../../ui/words';
import { teamNow, useReader } from '../team/session';
import { useWatered } from '../watering/Watered';
import { useUndo } from '../check/undo';
import { hoursWords } from '../client/visits';
import { VisitAct } from './Visit';
import classes from './RoundPage.module.css';

const WaterStop = lazy(() => import('../watering/WaterStop').then((m) => ({ default: m.WaterStop })));

type RoundPlant = Schemas['RoundPlant'];

export function RoundPage() {
  const { today, units, mayWork } = useReader();
  const [params, setParams] = useSearchParams();
  const date = params.get('date') ?? today;
  const { data, error, refetch } = useQuery(reads.round(date));
  const offerUndo = useUndo();
  const watered = useWatered();
  const [watering, setWatering] = useState<Schemas['Stop'] | null>(null);
  const once = useOnceEach<{ id: string; request: Schemas['CheckRequest'] }>();
  const nothing = useWrite(writes.logCheck, {
    done: (_, { id, request }) => {
      once.arrived(request.plantId);
      offerUndo([id], 'Nothing to report: logged.');
    },
    failed: (e, { request }) => once.refused(request.plantId, e),
  });
  const rest = useWrite(writes.logAllWell, {
    done: (_, { plants }) => {
      const ids = plants.map((p) => p.checkId);
      offerUndo(ids, `Nothing to report at ${ids.length} ${ids.length === 1 ? 'plant' : 'plants'}: logged.`);
    },
  });
  const allWell = (plantId: string) =>
    nothing.mutate(once.made(plantId, () => ({ id: newId(), request: { plantId, checkedAt: teamNow(), signs: [], minutes: 1 } })));
  const restWell = (plantIds: string[]) =>
    rest.mutate({ checkedAt: teamNow(), plants: plantIds.map((plantId) => ({ checkId: newId(), plantId })), minutes: plantIds.length });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  const plants = data?.stops.flatMap((s) => s.plants) ?? [];
  const open = plants.filter((p) => p.due.length > 0 && !p.checkedToday).length;
  return (
    <>
      <title>Round · Happy Saucer</title>
      <div className={classes.head}>
        <div>
          <h1>{date === today ? 'Today’s round' : 'Round'}</h1>
          <p>
            {weekday(date)}
            {data && `. ${data.stops.length} ${data.stops.length === 1 ? 'stop' : 'stops'}, ${plants.length} ${plants.length === 1 ? 'plant' : 'plants'}, something due at ${open}.`}{' '}
            <Link to={`/day?on=${date}`}>The crews’ day</Link>
          </p>
        </div>
        <div className={classes.days}>
          <UnstyledButton aria-label="The day before" onClick={() => setParams({ date: addDays(date, -1) })}>
            <IconChevronLeft aria-hidden />
          </UnstyledButton>
          {date !== today && (
            <UnstyledButton onClick={() => setParams({})} className={classes.todayButton}>
              Today
            </UnstyledButton>
          )}
          <UnstyledButton aria-label="The day after" onClick={() => setParams({ date: addDays(date, 1) })}>
            <IconChevronRight aria-hidden />
          </UnstyledButton>
        </div>
      </div>
      {!data && <Waiting />}
      {data?.stops.length === 0 && (
        <p>
          No site is visited on this day and no job is planned. Who is visited when stands under <Link to="/clients">Clients and sites</Link>; new ones are
          added there, with their plants.
        </p>
      )}
      {data?.stops.map((stop, i) => (
        <section key={stop.siteId} className={classes.stop} aria-labelledby={`stop-${stop.siteId}`}>
          <header>
            <span className={`${classes.order} measure`} aria-hidden>
              {i + 1}
            </span>
            <div>
              <h2 id={`stop-${stop.siteId}`}>{stop.siteName}</h2>
              <p>{stop.clientName}</p>
            </div>
            <p className={classes.access}>
              {hoursWords(stop.opens, stop.closes) && <b>Open {hoursWords(stop.opens, stop.closes)}. </b>}
              {stop.accessNote}
            </p>
            {mayWork && date === today && (
              <div className={classes.rest}>
                <VisitAct stop={stop} />
                <Rest stop={stop} busy={rest.isPending} log={restWell} />
              </div>
            )}
          </header>
          <ul className={classes.plants}>
            {stop.plants.map((p) => (
              <PlantLine
                key={p.plant.id}
                item={p}
                units={units}
                mayLog={mayWork && date === today}
                busy={nothing.isPending || watered.busy}
                onNothing={() => allWell(p.plant.id)}
                onWatered={() => watered.water({ id: p.plant.id, name: p.plant.commonName, label: p.plant.label, usual: p.usualLitres, keepDry: p.keepDry })}
              />
            ))}
          </ul>
          {mayWork && (
            <p className={`${classes.more} no-print`}>
              {date === today && stop.plants.length > 1 && (
                <Button variant="default" size="sm" onClick={() => setWatering(stop)}>
                  Water this stop
                </Button>
              )}
              <Link to={`/sites/${stop.siteId}/add`}>Add a plant here</Link>
            </p>
          )}
        </section>
      ))}
      {watered.dialog}
      {watering && (
        <Suspense>
          <WaterStop
            siteId={watering.siteId}
            siteName={watering.siteName}
            watered={new Set(watering.plants.filter((p) => p.wateredToday).map((p) => p.plant.id))}
            dry={new Map(watering.plants.flatMap((p) => (p.keepDry ? [[p.plant.id, p.keepDry] as const] : [])))}
            close={() => setWatering(null)}
          />
        </Suspense>
      )}
    </>
  );
}

/** All plants of a stop that nobody has looked at today; those that press are left to be looked at. */
function Rest({ stop, busy, log }: { stop: Schemas['Stop']; busy: boolean; log: (ids: string[]) => void }) {
  const open = stop.plants.filter((p) => !p.checkedToday);
  const calm = open.filter((p) => p.saucer !== 'URGENT');
  if (calm.length < 2) return null;
  const left = open.length - calm.length;
  return (
    <>
      <Button
        variant="default"
        loading={busy}
        onClick={() => log(calm.map((p) => p.plant.id))}
        aria-label={`Nothing to report for the rest of ${stop.siteName}: ${calm.length} plants`}
      >
        All well with the other {calm.length}
      </Button>
      {left > 0 && <span>{left === 1 ? 'One presses' : `${left} press`} and wants a look of its own.</span>}
    </>
  );
}

function PlantLine({
  item,
  units,
  mayLog,
  busy,
  onNothing,
  onWatered,
}: {
  item: RoundPlant;
  units: 'METRIC' | 'IMPERIAL';
  mayLog: boolean;
  busy: boolean;
  onNothing: () => void;
  onWatered: () => void;
}) {
  const { plant } = item;
  const [sure, setSure] = useState(false);
  const urgent = item.saucer === 'URGENT';
  const presses = item.due.find((d) => d.kind === 'CALL') ?? item.due[0];
  return (
    <li className={classes.plant} data-quiet={item.due.length === 0}>
      <Link to={`/plants/${plant.id}`} className={classes.who}>
        <PotGlyph
          pot={{ topMm: plant.potTopMm, baseMm: plant.potBaseMm, heightMm: plant.potHeightMm }}
          saucer={item.saucer}
          rootFill={item.rootFill}
          waterLeft={item.waterLeft}
          units={units}
        />
        <span className={classes.names}>
          <strong>{plant.commonName}</strong>
          <span>
            {plant.spotName} <span className="measure">{plant.label}</span>
          </span>
        </span>
      </Link>
      <div className={classes.call}>
        <strong>{actionWords(item.action)}</strong>
        {item.urgency !== 'NOT_DUE' && <span>{urgencyWords(item.urgency).toLowerCase()}</span>}
      </div>
      <ul className={classes.due}>
        {item.due.map((d) => (
          <li key={d.kind + d.text} data-kind={d.kind}>
            {d.kind === 'JOB' && d.id ? <Link to={`/jobs/${d.id}`}>{d.text}</Link> : d.text}
          </li>
        ))}
        {item.due.length === 0 && (
          <li data-kind="NONE">
            {item.lastChecked ? `Nothing due; looked at ${day(item.lastChecked)}` : 'Nothing due'}
          </li>
        )}
      </ul>
      {sure && (
        <p className={classes.sure} role="status">
          {actionWords(item.action)} presses here{presses ? `: ${presses.text}` : ''} Has somebody seen to it?
        </p>
      )}
      <div className={classes.acts}>
        {mayLog && (
          <Button
            variant="default"
            disabled={busy}
            data-done={item.wateredToday}
            onClick={onWatered}
            aria-label={`Watered ${plant.commonName} ${plant.label}${item.wateredToday ? ' once more; it was watered today' : ''}`}
          >
            {item.wateredToday ? <IconDropletFilled size={22} aria-hidden /> : <IconDroplet size={22} aria-hidden />}
            <span className={classes.word}>Water</span>
          </Button>
        )}
        {item.checkedToday ? (
          <span className={classes.done}>
            <IconCheck size={18} aria-hidden /> Checked
          </span>
        ) : (
          mayLog && (
            <>
              <Button
                variant="default"
                disabled={busy}
                onBlur={() => setSure(false)}
                onClick={() => (urgent && !sure ? setSure(true) : onNothing())}
                aria-label={`${sure ? 'All well all the same: nothing' : 'Nothing'} to report for ${plant.commonName} ${plant.label}`}
              >
                {sure ? 'All well all the same' : 'All well'}
              </Button>
              <Button
                component={Link}
                to={`/plants/${plant.id}/check`}
                aria-label={`Check ${plant.commonName} ${plant.label}`}
              >
                Check
              </Button>
            </>
          )
        )}
      </div>
    </li>
  );
}
