import { Button, NativeSelect } from '@mantine/core';
import type { Schemas } from '../../api/client';
import { LengthInput } from '../../ui/LengthInput';
import { Steps } from '../../ui/Steps';
import { length, readLength, say, width, type Units } from '../../ui/format';
import { plain } from '../../ui/words';
import { useState } from 'react';
import { AS_RULED, asksAnything, mostCuts, ownFrom, withCuts, withGaps, withWish, type Question } from './question';
import { RootShare } from './RootShare';
import classes from './RepotPage.module.css';

interface Props {
  fit: Schemas['FitView'];
  plan: Schemas['Repot'];
  action: string;
  shown: Schemas['Candidate'] | null;
  question: Question;
  ask: (q: Question) => void;
  units: Units;
}

const STEP_MM = 5;
const NARROWEST = 60;
/** Up to a metre and a half. */
const MOST_STEPS = 290;
const MATERIALS = ['PLASTIC', 'TERRACOTTA', 'GLAZED', 'FIBRE', 'METAL', 'WOOD', 'CONCRETE', 'FABRIC'];
const RAISES = [0, 5, 10, 15, 20, 25, 30, 40, 50];
/** The ball comes out and its roots are sound, so that a person may choose the cuts. */
export const CUTS = ['POT_UP', 'ROOT_PRUNE_SAME_POT', 'RAISE_OR_SHALLOW', 'HEAVIER_POT', 'REPLACE_POT', 'DRAINAGE_RESCUE', 'BREAK_OUT'];

/** Move a measure and see at once what it does. */
export function WhatIf({ fit, plan, action, shown, question, ask, units }: Props) {
  const own = question.own;
  const pot = own ?? ownFrom(shown, fit, plan.section.oldPot);
  const measure = (key: 'topMm' | 'topDepthMm' | 'heightMm', label: string) => {
    const value = pot[key] ?? pot.topMm / 2;
    const last = Math.round((Math.max(900, value + 100) - NARROWEST) / STEP_MM);
    return (
      <div className={classes.knob}>
        <span>{label}</span>
        <Steps
          label={label}
          index={Math.round((value - NARROWEST) / STEP_MM)}
          last={Math.min(last, MOST_STEPS)}
          value={say(width(value, units))}
          change={(i) => ask({ ...question, own: { ...pot, [key]: NARROWEST + i * STEP_MM } })}
        />
      </div>
    );
  };
  return (
    <section className={classes.whatIf} aria-labelledby="what-if">
      <div className={classes.whatIfHead}>
        <h2 id="what-if">What if</h2>
        {asksAnything(question) && (
          <Button variant="default" size="sm" onClick={() => ask(AS_RULED)}>
            As the rules have it
          </Button>
        )}
      </div>
      {action !== 'TOP_DRESS' && measure('topMm', 'Width inside')}
      {action !== 'TOP_DRESS' && pot.shape === 'TROUGH' && measure('topDepthMm', 'Front to back')}
      {action !== 'TOP_DRESS' && measure('heightMm', 'Depth inside')}
      <div className={classes.pair}>
        <NativeSelect
          label="Material"
          disabled={action === 'TOP_DRESS'}
          value={pot.material}
          onChange={(e) => ask({ ...question, own: { ...pot, material: e.currentTarget.value } })}
          data={MATERIALS.map((m) => ({ value: m, label: plain(m) }))}
        />
        <NativeSelect
          label="Mix"
          value={question.wish.mix ?? plan.mix?.code ?? ''}
          onChange={(e) => ask(withWish(question, { mix: e.currentTarget.value }))}
          data={fit.mixes.map((m) => ({ value: m.code, label: m.label }))}
        />
      </div>
      {CUTS.includes(action) && <CutControls plan={plan} question={question} ask={ask} units={units} />}
      {(action === 'RAISE_OR_SHALLOW' || plan.levels?.raiseMm !== 0) && (
        <div className={classes.knob}>
          <span>Base shown</span>
          <Steps
            label="Base shown"
            index={nearest(RAISES, question.wish.raiseMm ?? plan.levels?.raiseMm ?? 0)}
            last={RAISES.length - 1}
            value={say(length(RAISES[nearest(RAISES, question.wish.raiseMm ?? plan.levels?.raiseMm ?? 0)] ?? 0, units))}
            change={(i) => ask(withWish(question, { raiseMm: RAISES[i] ?? 0 }))}
          />
        </div>
      )}
      {action === 'BREAK_OUT' && (
        <NativeSelect
          label="The owner keeps"
          value={question.wish.breakOut ?? ''}
          onChange={(e) => ask(withWish(question, { breakOut: e.currentTarget.value || null }))}
          data={[
            { value: '', label: 'Not asked yet' },
            { value: 'PLANT', label: 'the plant: break the pot' },
            { value: 'POT', label: 'the pot: cut the ball to its mouth' },
          ]}
        />
      )}
      {action === 'DIVIDE' && (
        <div className={classes.knob}>
          <span>Pieces</span>
          <Steps
            label="Pieces"
            index={plan.pieces - 2}
            last={6}
            value={`${plan.pieces}`}
            change={(i) => ask(withWish(question, { pieces: i + 2 }))}
          />
        </div>
      )}
    </section>
  );
}

function nearest(list: number[], value: number): number {
  let best = 0;
  list.forEach((v, i) => {
    if (Math.abs(v - value) < Math.abs((list[best] ?? 0) - value)) best = i;
  });
  return best;
}

/** Cuts by steps, beside dragging them on the section; or from the gaps that are wanted. */
function CutControls({ plan, question, ask, units }: Pick<Props, 'plan' | 'question' | 'ask' | 'units'>) {
  const { rootWork, section } = plan;
  const slice = Math.round(question.wish.baseSliceMm ?? rootWork.baseSliceMm);
  const shave = Math.round(question.wish.sideShaveMm ?? rootWork.sideShaveMm);
  const [under, setUnder] = useState('');
  const [around, setAround] = useState('');
  const gaps = (u: string, a: string) => {
    setUnder(u);
    setAround(a);
    const mm = [readLength(u, units), readLength(a, units)];
    if (mm[0] !== null || mm[1] !== null) ask(withGaps(question, mm[0] ?? 0, mm[1] ?? 0));
  };
  const same = rootWork.samePot;
  return (
    <>
      <div className={classes.knob}>
        <span>Base slice</span>
        <Steps
          label="Slice off the base"
          index={slice}
          last={mostCuts(section.ballBefore).slice}
          value={say(length(slice, units))}
          change={(mm) => ask(withCuts(question, mm, shave))}
        />
      </div>
      <div className={classes.knob}>
        <span>Side shave</span>
        <Steps
          label="Shave off the sides"
          index={shave}
          last={mostCuts(section.ballBefore).shave}
          value={say(length(shave, units))}
          change={(mm) => ask(withCuts(question, slice, mm))}
        />
      </div>
      <RootShare work={rootWork} />
      <details className={classes.inverse}>
        <summary>Back into the same pot</summary>
        {same && (
          <Button
            variant="default"
            size="sm"
            onClick={() => ask({ ...withCuts(question, same.baseSliceMm, same.sideShaveMm), potId: 'current', own: null })}
          >
            Usual gaps: {say(length(same.baseSliceMm, units))} and {say(length(same.sideShaveMm, units))}, {Math.round(same.rootShare * 100)} %
          </Button>
        )}
        <div className={classes.pair}>
          <LengthInput label="Gap under it" value={under} units={units} change={(t) => gaps(t, around)} />
          <LengthInput label="Gap round it" value={around} units={units} change={(t) => gaps(under, t)} />
        </div>
      </details>
    </>
  );
}
