import { Button, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, body, newId } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { Cautions } from '../../ui/Cautions';
import { Figure } from '../../ui/Measure';
import { Section } from '../../ui/Section';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { WateringWeeks } from '../../ui/WateringWeeks';
import { dayYear, length, litres, mass, share } from '../../ui/format';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { actionWords, plain } from '../../ui/words';
import { PlantHead } from '../plant/PlantHead';
import { usePlant } from '../plant/usePlant';
import { useReader } from '../team/session';
import { Candidates } from './Candidates';
import classes from './RepotPage.module.css';

/** Less mix than this, in litres, is not worth measuring. */
const HANDFUL = 0.1;

export function RepotPage() {
  const { id = '' } = useParams();
  const { units, today, mayWork } = useReader();
  const { data, error, refetch } = usePlant(id);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const jobId = useRef(newId());
  const [chosen, setChosen] = useState<string | null>(null);
  const [plannedOn, setPlannedOn] = useState<string | null>(null);
  const plan = data?.advice.repot ?? null;
  const call = data?.advice.call;
  const firstDay = call?.from && call.from > today ? call.from : today;
  const pot = chosen ?? plan?.candidates.find((c) => c.rank === 1)?.id ?? null;
  const schedule = useMutation({
    mutationFn: () =>
      body(
        api.PUT('/api/jobs/{id}', {
          params: { path: { id: jobId.current } },
          body: { plantId: id, plannedOn: plannedOn ?? firstDay, potId: pot === 'current' ? null : pot },
        }),
      ),
    onSuccess: (job) => {
      void queries.invalidateQueries({ queryKey: ['plant', id] });
      void queries.invalidateQueries({ queryKey: ['jobs'] });
      void queries.invalidateQueries({ queryKey: ['round'] });
      notifyDone(`Planned for ${dayYear(job.job.plannedOn)}.`);
      void navigate(`/jobs/${job.job.id}`);
    },
    onError: (e) => {
      jobId.current = newId();
      if (!faultsByField(e).plannedOn) notifyProblem(e);
    },
  });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data || !call) return <Waiting />;
  if (!plan) {
    return (
      <>
        <PlantHead plant={data.plant} saucer={data.saucer} units={units} title="Repot plan" />
        <p>
          The call is to {actionWords(call.action).toLowerCase()}: there is nothing to repot now. {call.reasons.join(' ')}
        </p>
      </>
    );
  }
  const { water } = data.advice;
  const best = plan.candidates.find((c) => c.rank === 1);
  const fault = faultsByField(schedule.error).plannedOn;
  return (
    <>
      <title>{`Repot plan ${data.plant.commonName} · Happy Saucer`}</title>
      <PlantHead
        plant={data.plant}
        saucer={data.saucer}
        rootFill={data.advice.forecast.rootFill}
        waterLeft={data.waterLeft}
        units={units}
        title={actionWords(call.action)}
      />
      <div className={classes.bench}>
        <Section
          section={plan.section}
          levels={plan.levels}
          rootShare={plan.rootWork.rootShare}
          freshLitres={best?.freshLitres ?? null}
          units={units}
        />
        <dl className={classes.figures}>
          {plan.mix && plan.mix.litres < HANDFUL && (
            <Figure name={plan.mix.label} of={{ value: 'A handful', unit: '' }} note="to close what gaps there are" />
          )}
          {plan.mix && plan.mix.litres >= HANDFUL && (
            <Figure
              name={plan.mix.label}
              of={litres(plan.mix.litres, units)}
              note={plan.mix.ingredients
                .map((i) => `${litres(i.litres, units).value} ${litres(i.litres, units).unit} ${i.label}`)
                .join(', ')}
            />
          )}
          {plan.levels && <Figure name="Base layer" of={length(plan.levels.baseLayerMm, units)} />}
          {plan.levels && <Figure name="Rim gap" of={length(plan.levels.rimGapMm, units)} />}
          <Figure
            name="Roots"
            of={plan.rootWork.rootShare > 0 ? share(plan.rootWork.rootShare) : { value: plain(plan.rootWork.loosening), unit: '' }}
            note={
              plan.rootWork.rootShare > 0
                ? plan.rootWork.baseSliceMm > 0
                  ? `slice ${Math.round(plan.rootWork.baseSliceMm)} mm off the base, ${Math.round(plan.rootWork.sideShaveMm)} mm off the sides; limit ${Math.round(plan.rootWork.limit * 100)} %`
                  : 'cut back to firm tissue'
                : 'nothing is cut'
            }
          />
          {plan.waterIn && (
            <Figure name={`Water in on ${dayYear(plan.waterIn.on)}`} of={litres(plan.waterIn.litres, units)} />
          )}
          <Figure
            name="Feed"
            of={plan.feed.grams === null ? { value: plain(plan.feed.kind), unit: '' } : mass(plan.feed.grams, units)}
            note={plan.feed.holdUntil ? `until ${dayYear(plan.feed.holdUntil)}` : undefined}
          />
          {best && <Figure name="Weight when wet" of={mass(best.wetMassG, units)} />}
        </dl>
        <div className={classes.side}>
          <Cautions cautions={data.advice.cautions} />
        </div>
      </div>
      {plan.order && <p className={classes.order}>{plan.order}</p>}
      <Candidates candidates={plan.candidates} chosen={pot} choose={setChosen} units={units} />
      <div className={classes.lower}>
        <WateringWeeks
          weeks={data.advice.aftercare.weeks}
          before={water.before.daysToRefill}
          settled={water.settled?.daysToRefill ?? null}
          units={units}
        />
        {mayWork && (
          <form
            className={classes.schedule}
            onSubmit={(e) => {
              e.preventDefault();
              schedule.mutate();
            }}
          >
            <h2>{data.openJob ? 'Already planned' : 'Plan the work'}</h2>
            {data.openJob ? (
              <p>It is planned for {dayYear(data.openJob.plannedOn)}.</p>
            ) : (
              <>
                <p>
                  Its window is {call.from && dayYear(call.from)} to {call.to && dayYear(call.to)}.
                </p>
                <TextInput
                  type="date"
                  label="Day"
                  min={firstDay}
                  max={call.to ?? undefined}
                  value={plannedOn ?? firstDay}
                  error={fault}
                  onChange={(e) => setPlannedOn(e.currentTarget.value)}
                />
                <Button type="submit" size="lg" loading={schedule.isPending} disabled={pot === null}>
                  Schedule
                </Button>
              </>
            )}
          </form>
        )}
      </div>
    </>
  );
}
