import { useQuery } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { sayProblem } from '../../api/problem';
import { Cautions } from '../../ui/Cautions';
import { Figure } from '../../ui/Measure';
import { Section } from '../../ui/Section';
import { LeftOut, ofPlant, ofShelf } from '../../ui/LeftOut';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { WateringWeeks } from '../../ui/WateringWeeks';
import { aboutLength, aboutMass, dayYear, length, litres, mass, push, say, share, type Units } from '../../ui/format';
import { actionWords, plain } from '../../ui/words';
import { PlantHead } from '../plant/PlantHead';
import { useReader } from '../team/session';
import { PotTable } from './PotTable';
import { Schedule } from './Schedule';
import { CUTS, WhatIf } from './WhatIf';
import { AS_RULED, asksAnything, mostCuts, requestOf, shownPot, withCuts, type Question } from './question';
import classes from './RepotPage.module.css';

/** Less mix than this, in litres, is not worth measuring. */
const HANDFUL = 0.1;

export function RepotPage() {
  const { id = '' } = useParams();
  const { units } = useReader();
  const { data, error, refetch } = useQuery(reads.fit(id));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  if (!data.advice.repot) return <NothingToDo fit={data} units={units} />;
  return <Fit fit={data} ruled={data.advice.repot} units={units} />;
}

function NothingToDo({ fit, units }: { fit: Schemas['FitView']; units: Units }) {
  const { call } = fit.advice;
  return (
    <>
      <PlantHead plant={fit.plant} saucer={fit.saucer} units={units} title="Repot plan" />
      <p>
        The call is to {actionWords(call.action).toLowerCase()}: there is nothing to repot now. {call.reasons.join(' ')}
      </p>
    </>
  );
}

/** Pots, cuts and mix for one plant: moved here, reckoned by the rules, drawn at once. */
function Fit({ fit, ruled, units }: { fit: Schemas['FitView']; ruled: Schemas['Repot']; units: Units }) {
  const id = fit.plant.id;
  const [question, ask] = useState<Question>(() => ({
    ...AS_RULED,
    potId: fit.openJob?.shelfPotId ?? null,
    wish: fit.jobWish ?? {},
  }));
  const pick = useCallback((potId: string) => ask((q) => ({ ...q, potId, own: null })), []);
  const asked = asksAnything(question);
  const answer = useQuery({ ...reads.whatIf(id, requestOf(question)), enabled: asked });
  const advice = (asked && answer.data) || fit.advice;
  const plan = advice.repot ?? ruled;
  const pot = shownPot(plan, question) ?? shownPot(ruled, question);
  const { action } = fit.advice.call;
  return (
    <>
      <title>{`Repot plan ${fit.plant.commonName} · Happy Saucer`}</title>
      <PlantHead
        plant={fit.plant}
        saucer={fit.saucer}
        rootFill={fit.advice.forecast.rootFill}
        waterLeft={fit.waterLeft}
        units={units}
        title={actionWords(action)}
      />
      <LeftOut facts={ofPlant(fit.advice.leftOut)} mendAt={`/plants/${id}/edit`} where="Edit plant and pot" />
      <LeftOut facts={ofShelf(fit.advice.leftOut)} mendAt="/shelf" where="To the shelf" />
      <div className={classes.bench}>
        <div className={classes.drawing}>
          <Section
            section={plan.section}
            candidate={pot}
            rootShare={plan.rootWork.rootShare}
            units={units}
            cuts={
              CUTS.includes(action)
                ? {
                    sliceMm: plan.rootWork.baseSliceMm,
                    shaveMm: plan.rootWork.sideShaveMm,
                    mostSliceMm: mostCuts(plan.section.ballBefore).slice,
                    mostShaveMm: mostCuts(plan.section.ballBefore).shave,
                    change: (slice, shave) => ask(withCuts(question, slice, shave)),
                  }
                : undefined
            }
          />
          {pot && <Verdict pot={pot} order={[plan.order, plan.otherwise]} asked={asked} />}
          {asked && answer.error && (
            <p className={classes.fails} role="alert">
              {sayProblem(answer.error).text}
            </p>
          )}
          <Schedule fit={fit} plan={plan} pot={pot} question={question} />
        </div>
        <Figures plan={plan} pot={pot} units={units} />
        <WhatIf fit={fit} plan={plan} action={action} shown={pot} question={question} ask={ask} units={units} />
      </div>
      <div className={classes.lower}>
        <PotTable fit={fit} plan={ruled} shown={question.own ? null : (pot?.id ?? null)} pick={pick} units={units} />
        <aside>
          <Cautions cautions={advice.cautions} />
          <WateringWeeks
            weeks={advice.aftercare.weeks}
            before={advice.water.before.daysToRefill}
            settled={advice.water.settled?.daysToRefill ?? null}
            units={units}
          />
        </aside>
      </div>
    </>
  );
}

/** Whether the pot that is drawn will do. */
function Verdict({ pot, order, asked }: { pot: Schemas['Candidate']; order: (string | null)[]; asked: boolean }) {
  if (pot.failures.length > 0) {
    return (
      <p className={classes.fails} role="status">
        This pot will not do. {pot.failures.map((f) => f.text).join(' ')}
      </p>
    );
  }
  const instead = order.filter((words) => words !== null);
  if (instead.length > 0 && !asked) return <p className={classes.order}>{instead.join(' ')}</p>;
  return pot.remarks.length > 0 ? (
    <div role="status">
      <ul className={classes.remarks}>
        {pot.remarks.map((r) => (
          <li key={r.text}>{r.text}</li>
        ))}
      </ul>
    </div>
  ) : null;
}

function Figures({ plan, pot, units }: { plan: Schemas['Repot']; pot: Schemas['Candidate'] | null; units: Units }) {
  const work = plan.rootWork;
  // water, feed and recipe are those of the pot the plan is made with
  const fits = pot !== null && pot.failures.length === 0 && (pot.rank === 1 || pot.id === plan.orderPot?.id);
  const mixLitres = plan.mix && fits ? plan.mix.litres : (pot?.mixLitres ?? 0);
  return (
    <dl className={classes.figures}>
      {mixLitres < HANDFUL ? (
        <Figure name={pot?.mixLabel ?? 'Mix'} of={{ value: 'A handful', unit: '' }} note="to close what gaps there are" />
      ) : (
        <Figure name={pot?.mixLabel ?? 'Mix'} of={litres(mixLitres, units)} note={fits ? (plan.mix?.recipe ?? undefined) : undefined} />
      )}
      {pot && <Figure name="Over the ball" of={length(pot.stepMm, units)} note={`the ball fills ${Math.round(pot.ballShare * 100)} %`} />}
      {pot?.daysRingWet !== undefined && pot.daysRingWet !== null && (
        <Figure name="Fresh ring stays wet" of={{ value: pot.daysRingWet.toFixed(0), unit: 'days' }} />
      )}
      <Figure
        name="Roots"
        of={work.rootShare > 0 ? share(work.rootShare) : { value: plain(work.loosening), unit: '' }}
        note={
          work.rootShare > 0
            ? work.baseSliceMm > 0 || work.sideShaveMm > 0
              ? `slice ${say(length(work.baseSliceMm, units))}, shave ${say(length(work.sideShaveMm, units))}; limit ${Math.round(work.limit * 100)} %`
              : 'cut back to firm tissue'
            : 'nothing is cut'
        }
      />
      {pot && (
        <Figure
          name="Tips at a push of about"
          of={push(pot.pushN, units)}
          note={
            pot.addMassG !== null && pot.widerFootMm !== null
              ? `about ${say(aboutMass(pot.addMassG, units))} more low down, or a foot of ${say(aboutLength(pot.widerFootMm, units))}, lifts it to the next grade`
              : 'stands the highest grade'
          }
        />
      )}
      {pot && (
        <Figure
          name="Weighs wet about"
          of={aboutMass(pot.wetMassG, units)}
          note={pot.plasticSavesG !== null && pot.plasticSavesG > 200 ? `in plastic about ${say(aboutMass(pot.plasticSavesG, units))} less` : undefined}
        />
      )}
      {fits && plan.waterIn && <Figure name={`Water in on ${dayYear(plan.waterIn.on)}`} of={litres(plan.waterIn.litres, units)} />}
      {fits && (
        <Figure
          name="Feed"
          of={plan.feed.grams === null ? { value: plain(plan.feed.kind), unit: '' } : mass(plan.feed.grams, units)}
          note={plan.feed.holdUntil ? `until ${dayYear(plan.feed.holdUntil)}` : undefined}
        />
      )}
    </dl>
  );
}
