import { Button, Menu } from '@mantine/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { PhotoStrip } from '../../ui/PhotoStrip';
import { Figure } from '../../ui/Measure';
import { LeftOut, ofPlant } from '../../ui/LeftOut';
import { Section } from '../../ui/Section';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { WateringWeeks } from '../../ui/WateringWeeks';
import { days, daysBetween, dayYear, litres, length, share, width, type Units, fromTo } from '../../ui/format';
import { actionWords, plain } from '../../ui/words';
import { useSignLabel } from '../advice/catalogue';
import { ArguableCall } from '../argument/ArguableCall';
import { useReader } from '../team/session';
import { Courses } from './Courses';
import { History } from './History';
import { CareStep } from '../aftercare/CareStep';
import { MergePlant } from './MergePlant';
import { MovePlant } from './MovePlant';
import { PlantHead } from './PlantHead';
import { RetirePlant, useRetire } from './RetirePlant';
import { HowItTook } from './HowItTook';
import { TookIt } from './TookIt';
import { usePlant, type PlantView } from './usePlant';
import classes from './PlantPage.module.css';

export function PlantPage() {
  const { id = '' } = useParams();
  const { units, mayWork, today } = useReader();
  const signLabel = useSignLabel();
  const { data, error, refetch } = usePlant(id);
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const { plant, advice } = data;
  const plan = advice.repot;
  const careful = mayWork && !plant.retiredOn;
  const untold = data.jobs.find((j) => j.status === 'DONE' && !data.outcomes.some((o) => o.jobId === j.id));
  const lastDone = data.jobs.find((j) => j.status === 'DONE');
  const timeToTell = untold?.doneOn && daysBetween(untold.doneOn, today) >= TELLS_AFTER_DAYS;
  return (
    <>
      <title>{`${plant.commonName} ${plant.label} · Happy Saucer`}</title>
      <PlantHead
        plant={plant}
        saucer={data.saucer}
        rootFill={advice.forecast.rootFill}
        waterLeft={data.waterLeft}
        units={units}
      >
        {careful && (
          <Button component={Link} to="check">
            Log a check
          </Button>
        )}
        {careful && <More data={data} />}
      </PlantHead>
      <div className={classes.bench}>
        <div className={classes.left}>
          <LeftOut facts={ofPlant(advice.leftOut)} mendAt={careful ? 'edit' : undefined} where="Edit plant and pot" />
          {plant.retiredOn && <Retired data={data} mayWork={mayWork} />}
          {careful && untold && timeToTell && <TookIt job={untold} plantId={id} />}
          {data.openJob && (
            <p className={classes.job}>
              <Link to={`/jobs/${data.openJob.id}`}>
                {actionWords(data.openJob.action)} planned for {dayYear(data.openJob.plannedOn)}
              </Link>
              {data.openJob.note && <small>{data.openJob.note}</small>}
            </p>
          )}
          {data.aftercare && <Running care={data.aftercare} plantId={id} data={data} units={units} />}
          <div className={classes.pair}>
            <div>
              {plan ? (
                <Section
                  section={plan.section}
                  candidate={plan.candidates.find((c) => c.rank === 1) ?? plan.orderPot}
                  rootShare={plan.rootWork.rootShare}
                  units={units}
                />
              ) : (
                advice.present && <Section section={advice.present} units={units} />
              )}
            </div>
            <div>
              <Now data={data} units={units} />
              <Link to="water">How it dries, and would in a wider pot</Link>
            </div>
          </div>
          {lastDone && <HowItTook data={data} job={lastDone} />}
          <Courses courses={data.courses} repotted={plant.lastRepotted} units={units} />
          {data.photos.length > 0 && (
            <section aria-labelledby="photos">
              <h2 id="photos" className={classes.small}>
                Photos
              </h2>
              <PhotoStrip photos={data.photos} />
            </section>
          )}
        </div>
        <div className={classes.right}>
          <ArguableCall data={data} signLabel={signLabel} mayWork={careful} />
          {plan && !data.openJob && !plant.retiredOn && (
            <Button component={Link} to="repot" fullWidth size="lg" className={classes.planButton}>
              See the repot plan
            </Button>
          )}
        </div>
      </div>
      <History data={data} signLabel={signLabel} units={units} />
    </>
  );
}

/** How a repot went can be told from about here (rule of thumb). */
const TELLS_AFTER_DAYS = 14;

function More({ data }: { data: PlantView }) {
  const [open, setOpen] = useState<'move' | 'merge' | 'retire' | null>(null);
  return (
    <>
      <Menu position="bottom-end" width={230}>
        <Menu.Target>
          <Button variant="default">Change</Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item component={Link} to="edit">
            Edit plant and pot
          </Menu.Item>
          <Menu.Item component={Link} to={`/sites/${data.plant.siteId}/add?spot=${data.plant.spotId}&like=${data.plant.id}`}>
            Add another like it
          </Menu.Item>
          <Menu.Item onClick={() => setOpen('move')}>Move to another spot</Menu.Item>
          <Menu.Item component={Link} to={`/labels?of=${data.plant.id}&name=${encodeURIComponent(`${data.plant.commonName} ${data.plant.label}`)}`}>
            Print its label
          </Menu.Item>
          <Menu.Item component={Link} to={`/method?plant=${data.plant.id}`}>
            Its own method
          </Menu.Item>
          <Menu.Item component={Link} to={`/species/${encodeURIComponent(data.plant.species)}`}>
            Read about its kind
          </Menu.Item>
          <Menu.Item onClick={() => setOpen('merge')}>It was entered twice</Menu.Item>
          <Menu.Item color="oxblood" onClick={() => setOpen('retire')}>
            Retire
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <MovePlant data={data} opened={open === 'move'} close={() => setOpen(null)} />
      <MergePlant data={data} opened={open === 'merge'} close={() => setOpen(null)} />
      <RetirePlant data={data} opened={open === 'retire'} close={() => setOpen(null)} />
    </>
  );
}

function Retired({ data, mayWork }: { data: PlantView; mayWork: boolean }) {
  const { retire, retiring } = useRetire(data);
  return (
    <p className={classes.retired}>
      Retired on {dayYear(data.plant.retiredOn ?? '')}.{' '}
      {mayWork && (
        <Button variant="default" size="sm" loading={retiring} onClick={() => retire({ retiredOn: null, reason: null, outcome: null })}>
          Take it back into care
        </Button>
      )}
    </p>
  );
}

function Now({ data, units }: { data: PlantView; units: Units }) {
  const { plant, advice } = data;
  const { today } = useReader();
  const before = advice.water.before;
  const range =
    before.daysToRefillFrom !== null && before.daysToRefillTo !== null
      ? fromTo(days(before.daysToRefillFrom).value, days(before.daysToRefillTo).value)
      : undefined;
  const wet = advice.water.now;
  return (
    <dl className={classes.now}>
      {wet && (
        <Figure
          name={wet.daysToRefill === null ? 'On the scales' : 'Wants water next in'}
          of={days(wet.daysToRefill)}
          note={wet.basis}
        />
      )}
      <Figure name="Wants water every" of={days(before.daysToRefill)} note={range} />
      <Figure name="Drinks a day" of={litres(before.litresPerDay, units)} note={before.basis} />
      <Figure
        name="Roots fill the pot"
        of={advice.forecast.rootFill === null ? { value: '–', unit: '' } : share(advice.forecast.rootFill)}
        note={advice.forecast.basis}
      />
      {advice.forecast.clearFrom && advice.forecast.clearTo && (
        <Figure
          name={advice.forecast.clearTo < today ? 'Crowded since about' : 'Will be crowded between'}
          of={{
            value:
              advice.forecast.clearTo < today
                ? dayYear(advice.forecast.clearTo)
                : `${dayYear(advice.forecast.clearFrom)} – ${dayYear(advice.forecast.clearTo)}`,
            unit: '',
          }}
        />
      )}
      <Figure name="Pot" of={width(plant.potTopMm, units)} note={plant.potMaterial.toLowerCase()} />
      {plant.ballTopMm !== null && plant.ballMeasuredOn && (
        <Figure name="Root ball, measured" of={width(plant.ballTopMm, units)} note={dayYear(plant.ballMeasuredOn)} />
      )}
      {plant.mix && <Figure name="Mix" of={{ value: plain(plant.mix), unit: '' }} note={fedWords(plant)} />}
      {plant.heightMm === null ? (
        advice.size && <Figure name="Plant, reckoned with" of={length(advice.size.heightMm, units)} note="not measured" />
      ) : (
        <Figure name="Plant" of={length(plant.heightMm, units)} note={sizeWords(plant.sizeWish)} />
      )}
      <Figure
        name="Last repotted"
        of={{ value: plant.lastRepotted ? dayYear(plant.lastRepotted) : 'not known', unit: '' }}
      />
    </dl>
  );
}

const sizeWords = (wish: string | null): string | undefined =>
  wish === 'KEEP' ? 'to stay this size' : wish === 'GROW' ? 'may grow' : undefined;

/** What feed went in with the mix, and until when none is given. */
function fedWords(plant: Schemas['StoredPlant']): string | undefined {
  if (plant.feedHoldUntil) return `no feed until ${dayYear(plant.feedHoldUntil)}`;
  if (plant.feedKind === 'SLOW_RELEASE' && plant.feedGrams !== null) return `${Math.round(plant.feedGrams)} g slow-release feed in it`;
  return plant.feedKind === 'IN_MIX' ? 'charged with feed' : undefined;
}

/** Aftercare while it runs: dated steps and the watering change. */
function Running({
  care,
  plantId,
  data,
  units,
}: {
  care: Schemas['AftercareView'];
  plantId: string;
  data: PlantView;
  units: Units;
}) {
  return (
    <section className={classes.care} aria-labelledby="aftercare">
      <div className={classes.careHead}>
        <h2 id="aftercare">Aftercare</h2>
        <Link to={`/jobs/${care.jobId}/card`}>Card for whoever waters</Link>
      </div>
      <ol className={classes.steps}>
        {care.steps.map((s) => (
          <CareStep key={s.id} step={s} plantId={plantId} />
        ))}
      </ol>
      <WateringWeeks
        weeks={care.weeks.map((w) => ({ ...w, from: w.fromOn }))}
        settled={data.advice.water.before.daysToRefill}
        units={units}
      />
    </section>
  );
}
