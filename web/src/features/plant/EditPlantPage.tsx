import { Button, NativeSelect, Textarea, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useNavigate, useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { type Change } from '../../api/problem';
import { useVersionedWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { reads } from '../../api/reads';
import { DateField } from '../../ui/DateField';
import { Conflict } from '../../ui/Conflict';
import { LengthInput, MassInput } from '../../ui/LengthInput';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { keptLength, keptMass, potMass, say, width, type Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { MATERIALS, SHAPES } from '../../ui/potWords';
import { plain } from '../../ui/words';
import { useCatalogue } from '../advice/catalogue';
import { useReader } from '../team/session';
import { SizeTaps, WhatItIs, type Choice } from './parts';
import { PlantHead } from './PlantHead';
import { usePlant, type PlantView } from './usePlant';
import classes from './EditPlantPage.module.css';

type PlantRequest = Schemas['PlantRequest'];

const LABELS: Record<string, string> = {
  commonName: 'What you call it', species: 'Kind', group: 'Group', heightMm: 'Height', spreadMm: 'Spread', sizeWish: 'Size', watererHabit: 'Watering',
  fed: 'Fed', lastRepotted: 'Last repotted', potMaterial: 'Pot material', potTopMm: 'Pot width',
  potBaseMm: 'Base width', potHeightMm: 'Pot depth', potHoles: 'Holes', note: 'Note', potShape: 'Shape',
  potMouthMm: 'Mouth', potTopDepthMm: 'Front to back, top', potBaseDepthMm: 'Front to back, base',
  potFootMm: 'Foot, outside', potMassG: 'Mass of the empty pot', inCoverPot: 'Stands in a cover pot',
  coverTopMm: 'Cover, width inside', coverHeightMm: 'Cover, depth inside', coverMassG: 'Mass of the cover', coverFixed: 'The cover stays',
  potFeet: 'Feet', potWireHoles: 'Wire holes', 'ball.topMm': 'Width at the top', 'ball.baseMm': 'Width at the base', 'ball.heightMm': 'Height',
  'ball.topDepthMm': 'Front to back, top', 'ball.baseDepthMm': 'Front to back, base', ballTopMm: 'Ball, width', ballHeightMm: 'Ball, height',
};

type MeasureField = 'potTopMm';
type MaybeField = 'heightMm' | 'spreadMm' | 'potBaseMm' | 'potHeightMm' | 'potMouthMm' | 'potTopDepthMm' | 'potBaseDepthMm' | 'potFootMm' | 'coverTopMm' | 'coverHeightMm' | BallField;
type BallField = 'ball.topMm' | 'ball.baseMm' | 'ball.topDepthMm' | 'ball.baseDepthMm' | 'ball.heightMm';

export function EditPlantPage() {
  const { id = '' } = useParams();
  const { units, today } = useReader();
  const { data, error, refetch } = usePlant(id);
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return <Form key={id} id={id} data={data} units={units} today={today} />;
}

/** As they are stored, by the names of the form. */
function measuresOf(plant: PlantView['plant']): Record<MeasureField | MaybeField, number | null> {
  const { heightMm, spreadMm, potTopMm, potBaseMm, potHeightMm, potMouthMm, potTopDepthMm, potBaseDepthMm, potFootMm, coverTopMm, coverHeightMm } = plant;
  return {
    heightMm, spreadMm, potTopMm, potBaseMm, potHeightMm, potMouthMm, potTopDepthMm, potBaseDepthMm, potFootMm, coverTopMm, coverHeightMm,
    'ball.topMm': plant.ballTopMm,
    'ball.baseMm': plant.ballBaseMm,
    'ball.topDepthMm': plant.ballTopDepthMm,
    'ball.baseDepthMm': plant.ballBaseDepthMm,
    'ball.heightMm': plant.ballHeightMm,
  };
}

const maybe = (mm: number | null, units: Units): string => (mm === null ? '' : say(width(mm, units)));

const sizeWords = (s: Schemas['TradeSize'], units: Units): string =>
  `${say(width(s.topMm, units))} ${plain(s.material).toLowerCase()}, ${plain(s.shape).toLowerCase()}, ${say(width(s.heightMm, units))} deep`;

function Form({ id, data, units, today }: { id: string; data: PlantView; units: Units; today: string }) {
  const { plant } = data;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const catalogue = useCatalogue();
  const [version, setVersion] = useState(plant.version);
  const [opened] = useState(() => ({
    commonName: plant.commonName,
    heightMm: maybe(plant.heightMm, units),
    spreadMm: maybe(plant.spreadMm, units),
    sizeWish: plant.sizeWish ?? '',
    watererHabit: plant.watererHabit,
    fed: plant.fed === null ? '' : String(plant.fed),
    lastRepotted: plant.lastRepotted ?? '',
    potShape: plant.potShape,
    potMaterial: plant.potMaterial,
    potMouthMm: maybe(plant.potMouthMm, units),
    potTopDepthMm: maybe(plant.potTopDepthMm, units),
    potBaseDepthMm: maybe(plant.potBaseDepthMm, units),
    potFootMm: maybe(plant.potFootMm, units),
    potMassG: plant.potMassG === null ? '' : say(potMass(plant.potMassG, units)),
    inCoverPot: String(plant.inCoverPot),
    coverTopMm: maybe(plant.coverTopMm, units),
    coverHeightMm: maybe(plant.coverHeightMm, units),
    coverMassG: plant.coverMassG === null ? '' : say(potMass(plant.coverMassG, units)),
    coverFixed: String(plant.coverFixed),
    potTopMm: say(width(plant.potTopMm, units)),
    potBaseMm: maybe(plant.potBaseMm, units),
    potHeightMm: maybe(plant.potHeightMm, units),
    potHoles: String(plant.potHoles),
    potFeet: String(plant.potFeet),
    potWireHoles: String(plant.potWireHoles),
    ball: {
      topMm: maybe(plant.ballTopMm, units),
      baseMm: maybe(plant.ballBaseMm, units),
      topDepthMm: maybe(plant.ballTopDepthMm, units),
      baseDepthMm: maybe(plant.ballBaseDepthMm, units),
      heightMm: maybe(plant.ballHeightMm, units),
    },
    note: plant.note,
  }));
  const form = useForm({ initialValues: opened });
  const { values } = form;
  /** What it is, where that was changed here. */
  const [kind, setKind] = useState<Choice | null>(null);
  const [naming, setNaming] = useState(false);
  const {
    save,
    stale,
    settled,
    faults: refused,
  } = useVersionedWrite(writes.savePlant, {
    done: () => {
      notifyDone('Saved.');
      void navigate(`/plants/${id}`);
    },
  });
  const faults: Record<string, string | undefined> = { ...refused, ...(form.errors as Record<string, string | undefined>) };
  const textOf = (key: MeasureField | MaybeField): string => (key.startsWith('ball.') ? values.ball[key.slice(5) as keyof typeof values.ball] : values[key as Exclude<typeof key, BallField>]);

  const stored = measuresOf(plant);

  /** Null, with a message at each field, when a measure cannot be read; nothing typed is lost. */
  const read = (): PlantRequest | null => {
    const wrong: Record<string, string> = {};
    const mm = (key: MeasureField): number => {
      const value = keptLength(textOf(key), units, stored[key]);
      if (value === null) wrong[key] = 'Write a length like 15 cm, 150 mm or 6 in.';
      return value ?? 0;
    };
    const maybeMm = (key: MaybeField): number | null => {
      if (textOf(key).trim() === '') return null;
      const value = keptLength(textOf(key), units, stored[key]);
      if (value === null) wrong[key] = 'Write a length like 15 cm, 150 mm or 6 in, or leave it empty.';
      return value;
    };
    const grams = (key: 'potMassG' | 'coverMassG'): number | null => {
      if (values[key].trim() === '') return null;
      const value = keptMass(values[key], units, plant[key]);
      if (!value) wrong[key] = 'Write a mass like 850 g, 1.2 kg or 2 lb, or leave it empty.';
      return value;
    };
    const count = (key: 'potHoles' | 'potFeet' | 'potWireHoles', what: string): number => {
      const n = Number(values[key]);
      if (!Number.isInteger(n) || values[key].trim() === '') wrong[key] = `Count the ${what}: 0 or more.`;
      return n;
    };
    const trough = values.potShape === 'TROUGH';
    const covered = values.inCoverPot === 'true';
    const square = trough || values.potShape === 'SQUARE';
    const ball = {
      topMm: maybeMm('ball.topMm'),
      baseMm: maybeMm('ball.baseMm'),
      topDepthMm: square ? maybeMm('ball.topDepthMm') : null,
      baseDepthMm: square ? maybeMm('ball.baseDepthMm') : null,
      heightMm: maybeMm('ball.heightMm'),
    };
    const request: PlantRequest = {
      species: kind && 'known' in kind ? kind.known.species : null,
      group: kind && 'group' in kind ? kind.group.group : null,
      commonName: values.commonName,
      heightMm: maybeMm('heightMm'),
      spreadMm: maybeMm('spreadMm'),
      sizeWish: (values.sizeWish || null) as PlantRequest['sizeWish'],
      watererHabit: values.watererHabit as PlantRequest['watererHabit'],
      fed: values.fed === '' ? null : values.fed === 'true',
      lastRepotted: values.lastRepotted || null,
      potShape: values.potShape as PlantRequest['potShape'],
      potMaterial: values.potMaterial as PlantRequest['potMaterial'],
      potTopMm: mm('potTopMm'),
      potBaseMm: maybeMm('potBaseMm'),
      potHeightMm: maybeMm('potHeightMm'),
      potMouthMm: values.potShape === 'URN' ? maybeMm('potMouthMm') : null,
      potTopDepthMm: values.potShape === 'TROUGH' ? maybeMm('potTopDepthMm') : null,
      potBaseDepthMm: values.potShape === 'TROUGH' ? maybeMm('potBaseDepthMm') : null,
      potFootMm: maybeMm('potFootMm'),
      potMassG: grams('potMassG'),
      potHoles: count('potHoles', 'holes'),
      potFeet: count('potFeet', 'feet'),
      potWireHoles: count('potWireHoles', 'wire holes'),
      ball: Object.values(ball).every((v) => v === null) ? null : ball,
      inCoverPot: covered,
      coverTopMm: covered ? maybeMm('coverTopMm') : null,
      coverHeightMm: covered ? maybeMm('coverHeightMm') : null,
      coverMassG: covered ? grams('coverMassG') : null,
      coverFixed: covered && values.coverFixed === 'true',
      note: values.note,
    };
    form.setErrors(wrong);
    return Object.keys(wrong).length > 0 ? null : request;
  };
  const touched = (field: string) => (field === 'species' ? kind !== null : form.isDirty(field));
  /** What someone else has changed stays as they have it, unless it was changed here as well. */
  const send = (of: number, theirs: Change[] = []) => {
    const request = read();
    if (!request) return;
    const kept = Object.fromEntries(theirs.filter((c) => !touched(c.field)).map((c) => [c.field, c.theirs]));
    save.mutate({ id, version: of, request: { ...request, ...kept } });
  };
  const tape = (key: MeasureField | MaybeField | 'potMassG' | 'coverMassG') => ({
    label: LABELS[key] ?? key,
    value: key === 'potMassG' || key === 'coverMassG' ? values[key] : textOf(key),
    error: faults[key],
    units,
    change: (value: string) => form.setFieldValue(key, value),
  });
  const trade = (id: string) => catalogue?.tradeSizes.find((t) => t.id === id);
  /** A trade size fills in all measures of the pot; each can be put right by tape. */
  const pick = (s: Schemas['TradeSize'] | undefined) =>
    s &&
    form.setValues({
      potShape: s.shape,
      potMaterial: s.material,
      potTopMm: say(width(s.topMm, units)),
      potBaseMm: say(width(s.baseMm, units)),
      potHeightMm: say(width(s.heightMm, units)),
      potFootMm: say(width(s.footMm, units)),
      potMassG: say(potMass(s.massG, units)),
      potHoles: String(s.drainHoles),
      potMouthMm: '',
      potTopDepthMm: '',
      potBaseDepthMm: '',
    });
  const pickBall = (id: string) => {
    const ball = trade(id)?.filled;
    if (!ball) return;
    form.setFieldValue('ball.topMm', say(width(ball.topMm, units)));
    form.setFieldValue('ball.baseMm', say(width(ball.baseMm, units)));
    form.setFieldValue('ball.heightMm', say(width(ball.heightMm, units)));
  };
  const submit = (e: FormEvent) => {
    e.preventDefault();
    send(version);
  };
  const text = (key: Exclude<keyof typeof values, 'ball'>) => ({ label: LABELS[key], ...form.getInputProps(key), error: faults[key] });
  return (
    <>
      <title>{`Edit ${plant.commonName} · Happy Saucer`}</title>
      <PlantHead plant={plant} saucer={data.saucer} units={units} title="Edit" />
      <form onSubmit={submit} className={classes.form} noValidate>
        <fieldset>
          <legend>Plant</legend>
          {naming ? (
            <WhatItIs
              kind={kind}
              choose={(next) => {
                setKind(next);
                if (next && 'known' in next && !form.isDirty('commonName')) form.setFieldValue('commonName', next.known.commonName);
              }}
              called={values.commonName}
              call={(name) => form.setFieldValue('commonName', name)}
              fault={faults.species ?? faults.group}
            />
          ) : (
            <div className={classes.kind}>
              <span>{plant.speciesGroup === null ? <i>{plant.species}</i> : `${plant.species}: called by its group`}</span>
              <Button variant="default" size="sm" onClick={() => setNaming(true)}>
                It is another kind
              </Button>
            </div>
          )}
          <TextInput {...text('commonName')} />
          <div className={classes.row}>
            <LengthInput {...tape('heightMm')} description="Empty: as its kind usually is in this pot" />
            <LengthInput {...tape('spreadMm')} description="Empty: as its kind usually is" />
          </div>
          <NativeSelect
            {...text('sizeWish')}
            data={[
              { value: '', label: 'Nobody has said' },
              { value: 'GROW', label: 'May grow larger' },
              { value: 'KEEP', label: 'Is to stay this size' },
            ]}
          />
          <NativeSelect
            {...text('watererHabit')}
            data={[
              { value: 'EVEN', label: 'Watered evenly' },
              { value: 'FORGETS', label: 'Sometimes forgotten' },
              { value: 'OVERDOES', label: 'Tends to get too much' },
            ]}
          />
          <NativeSelect
            {...text('fed')}
            data={[{ value: '', label: 'Not known' }, { value: 'true', label: 'Is fed' }, { value: 'false', label: 'Is not fed' }]}
          />
          <DateField
            label={LABELS.lastRepotted ?? ''}
            value={values.lastRepotted}
            error={faults.lastRepotted}
            max={today}
            change={(lastRepotted) => form.setFieldValue('lastRepotted', lastRepotted)}
          />
        </fieldset>
        <fieldset>
          <legend>Pot, inside measures</legend>
          <SizeTaps top={values.potTopMm} units={units} take={pick} />
          <NativeSelect
            label="Another of the trade"
            value=""
            onChange={(e) => pick(trade(e.currentTarget.value))}
            data={[
              { value: '', label: 'By tape, or pick a size' },
              ...(catalogue?.tradeSizes ?? []).map((s) => ({ value: s.id, label: sizeWords(s, units) })),
            ]}
          />
          <div className={classes.row}>
            <NativeSelect {...text('potShape')} data={SHAPES.map((s) => ({ value: s, label: plain(s) }))} />
            <NativeSelect {...text('potMaterial')} data={MATERIALS.map((m) => ({ value: m, label: plain(m) }))} />
          </div>
          <div className={classes.row}>
            <LengthInput {...tape('potTopMm')} />
            <LengthInput {...tape('potBaseMm')} description="Empty: the usual" />
            <LengthInput {...tape('potHeightMm')} description="Empty: the usual" />
          </div>
          {values.potShape === 'TROUGH' && (
            <div className={classes.row}>
              <LengthInput {...tape('potTopDepthMm')} />
              <LengthInput {...tape('potBaseDepthMm')} />
            </div>
          )}
          {values.potShape === 'URN' && (
            <LengthInput {...tape('potMouthMm')} description="Narrower than the ball, it does not let it out whole" />
          )}
          <div className={classes.row}>
            <LengthInput {...tape('potFootMm')} description="Empty: as the base, with its wall" />
            <MassInput {...tape('potMassG')} description="Empty: reckoned from its walls" />
          </div>
          <div className={classes.row}>
            <TextInput {...text('potHoles')} inputMode="numeric" />
            <TextInput {...text('potFeet')} inputMode="numeric" />
            <TextInput {...text('potWireHoles')} inputMode="numeric" />
            <NativeSelect {...text('inCoverPot')} data={[{ value: 'false', label: 'No' }, { value: 'true', label: 'Yes' }]} />
          </div>
          {values.inCoverPot === 'true' && (
            <div className={classes.row}>
              <LengthInput {...tape('coverTopMm')} description="Empty: not measured" />
              <LengthInput {...tape('coverHeightMm')} description="Empty: the usual" />
              <MassInput {...tape('coverMassG')} description="Empty: as glazed clay" />
              <NativeSelect
                {...text('coverFixed')}
                description="What does not go in is then ruled out"
                data={[{ value: 'false', label: 'No, it may be changed' }, { value: 'true', label: 'Yes' }]}
              />
            </div>
          )}
        </fieldset>
        <fieldset>
          <legend>Root ball</legend>
          <p className="soft">Measured with the plant out of its pot. Empty: taken from the pot’s inside up to its fill line.</p>
          <NativeSelect
            label="From a pot of the trade"
            value=""
            onChange={(e) => pickBall(e.currentTarget.value)}
            data={[
              { value: '', label: 'By tape, or as it came out of' },
              ...(catalogue?.tradeSizes ?? []).map((s) => ({ value: s.id, label: sizeWords(s, units) })),
            ]}
          />
          <div className={classes.row}>
            <LengthInput {...tape('ball.topMm')} />
            <LengthInput {...tape('ball.baseMm')} />
            <LengthInput {...tape('ball.heightMm')} />
          </div>
          {(values.potShape === 'TROUGH' || values.potShape === 'SQUARE') && (
            <div className={classes.row}>
              <LengthInput {...tape('ball.topDepthMm')} />
              <LengthInput {...tape('ball.baseDepthMm')} />
            </div>
          )}
          <Textarea {...text('note')} size="md" autosize minRows={4} />
        </fieldset>
        {stale && (
          <Conflict
            problem={stale.problem}
            touched={touched}
            labels={LABELS}
            keepMine={() => {
              const of = stale.problem.version ?? version;
              setVersion(of);
              settled();
              send(of, stale.problem.changes);
            }}
            takeTheirs={() => {
              void queries.invalidateQueries({ queryKey: reads.plant(id).queryKey });
              void navigate(`/plants/${id}`);
            }}
          />
        )}
        <div className={classes.acts}>
          <Button type="submit" loading={save.isPending}>
            Save
          </Button>
          <Button variant="default" onClick={() => void navigate(`/plants/${id}`)}>
            Leave without saving
          </Button>
        </div>
      </form>
    </>
  );
}
