import { Button, FileButton, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { IconCamera } from '@tabler/icons-react';
import { useForm } from '@mantine/form';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { newId, type Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { sendPhoto } from '../../api/photos';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { DateField } from '../../ui/DateField';
import { LengthInput } from '../../ui/LengthInput';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { readLength, say, width } from '../../ui/format';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { lightWords } from '../../ui/words';
import { useReader } from '../team/session';
import { Sizes, WhatItIs, type Choice } from './parts';
import classes from './AddPlant.module.css';

type Material = Schemas['AddRequest']['potMaterial'];

const LIGHTS = ['LOW', 'MEDIUM', 'BRIGHT_INDIRECT', 'DIRECT'] as const;
const NEW_SPOT = 'new';

/** One plant, where it stands, in under a minute; then straight into its first check. */
export function AddPlantPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useQuery(reads.site(id));
  const [params] = useSearchParams();
  const likeId = params.get('like');
  const like = useQuery({ ...reads.plant(likeId ?? ''), enabled: likeId !== null });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data || (likeId && like.isPending)) return <Waiting />;
  return <Add site={data} like={like.data?.plant ?? null} />;
}

/** What another plant is, for one like it. */
const kindOf = (plant: Schemas['StoredPlant']): Choice =>
  plant.speciesGroup === null
    ? { known: { species: plant.species, commonName: plant.commonName } }
    : { group: { group: plant.speciesGroup as Schemas['GroupLook']['group'], label: plant.commonName, looks: plant.species } };

function Add({ site, like }: { site: Schemas['SiteView']; like: Schemas['StoredPlant'] | null }) {
  const { units, today, mayWork } = useReader();
  const navigate = useNavigate();
  const once = useOnce();
  const [params] = useSearchParams();
  const [photo, setPhoto] = useState<File | null>(null);
  const [spotId] = useState(newId);
  const form = useForm({
    initialValues: {
      spot: params.get('spot') ?? site.spots[0]?.id ?? NEW_SPOT,
      spotName: '',
      light: 'MEDIUM' as (typeof LIGHTS)[number],
      kind: (like && kindOf(like)) as Choice | null,
      called: '',
      pot: {
        top: like ? say(width(like.potTopMm, units)) : '',
        depth: like?.potHeightMm ? say(width(like.potHeightMm, units)) : '',
        material: (like?.potMaterial ?? 'PLASTIC') as Material,
        holes: like ? like.potHoles > 0 : true,
      },
      label: '',
      count: 1,
      lastRepotted: '',
      height: '',
    },
  });
  const { spot, spotName, light, kind, called, pot, label, count, lastRepotted, height } = form.values;
  const addSpot = useWrite(writes.saveSpot, { failed: atItsField });
  const add = useWrite(writes.addPlants, {
    done: (made) => {
      const [first] = made;
      if (!first) return;
      notifyDone(made.length === 1 ? `${first.label} is in care.` : `${first.label} to ${made[made.length - 1]?.label} are in care.`);
      if (photo) void sendPhoto(newId(), first.id, {}, photo).catch(notifyProblem);
      void navigate(made.length > 1 ? `/plants?site=${site.site.id}` : mayWork ? `/plants/${first.id}/check` : `/plants/${first.id}`);
    },
    failed: (e) => {
      once.refused(e);
      return atItsField(e);
    },
  });
  const faults: Record<string, string | undefined> = {
    ...faultsByField(addSpot.error),
    ...faultsByField(add.error),
    ...(form.errors as Record<string, string | undefined>),
  };

  /** Null, with a message at each field, when something is missing; all of it at once. */
  const read = (): Schemas['AddRequest'] | null => {
    const wrong: Record<string, string> = {};
    const length = (text: string, key: string, needed: boolean): number | null => {
      if (text.trim() === '') {
        if (needed) wrong[key] = 'Tap a size, or write its inside width.';
        return null;
      }
      const mm = readLength(text, units);
      if (mm === null) wrong[key] = 'Write a length like 15 cm or 6 in.';
      return mm;
    };
    if (!kind) wrong.species = 'Choose what it is, or say that you do not know.';
    if (spot === NEW_SPOT && spotName.trim() === '') wrong.name = 'Give the spot a name.';
    const potTopMm = length(pot.top, 'potTopMm', true);
    const potHeightMm = length(pot.depth, 'potHeightMm', false);
    const heightMm = length(height, 'heightMm', false);
    form.setErrors(wrong);
    if (!kind || potTopMm === null || Object.keys(wrong).length > 0) return null;
    return {
      id: once.id(),
      species: 'known' in kind ? kind.known.species : null,
      group: 'known' in kind ? null : kind.group.group,
      commonName: called.trim() || null,
      count,
      label: label.trim() || null,
      potTopMm,
      potHeightMm,
      potShape: 'STANDARD',
      potMaterial: pot.material,
      potHoles: pot.holes ? null : 0,
      heightMm,
      lastRepotted: lastRepotted || null,
    };
  };
  const send = async () => {
    const request = read();
    if (!request) return;
    if (spot !== NEW_SPOT) return add.mutate({ spotId: spot, request });
    try {
      await addSpot.mutateAsync({
        id: spotId,
        version: null,
        request: { siteId: site.site.id, name: spotName.trim(), light },
      });
      add.mutate({ spotId, request });
    } catch {
      // told at its field, or beside
    }
  };
  if (!mayWork && site.spots.length === 0) return <p>This site has no spot yet. A technician adds one; then plants come in here.</p>;
  return (
    <>
      <title>{`Add a plant · ${site.site.name} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1>Add a plant</h1>
          <p>
            {site.site.name}, {site.clientName}
          </p>
        </div>
      </div>
      <form
        className={classes.parts}
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          void send();
        }}
      >
        <fieldset>
          <legend>What it is</legend>
          <WhatItIs kind={kind} choose={(next) => form.setFieldValue('kind', next)} called={called} call={(name) => form.setFieldValue('called', name)} fault={faults.species ?? faults.group} />
        </fieldset>
        <fieldset>
          <legend>Its pot, inside at the top</legend>
          <Sizes pot={pot} units={units} set={(next) => form.setFieldValue('pot', next)} faults={faults} />
        </fieldset>
        <fieldset>
          <legend>Where it stands</legend>
          <NativeSelect
            aria-label="Spot"
            {...form.getInputProps('spot')}
            data={[
              ...site.spots.map((s) => ({ value: s.id, label: `${s.name}: ${lightWords(s.light).toLowerCase()}` })),
              ...(mayWork ? [{ value: NEW_SPOT, label: 'A new spot' }] : []),
            ]}
          />
          {spot === NEW_SPOT && (
            <div className={classes.pair}>
              <TextInput label="Name of the spot" {...form.getInputProps('spotName')} error={faults.name} />
              <NativeSelect
                label="Light"
                {...form.getInputProps('light')}
                data={LIGHTS.map((l) => ({ value: l, label: lightWords(l) }))}
              />
            </div>
          )}
        </fieldset>
        <fieldset>
          <legend>If you know it</legend>
          <div className={classes.pair}>
            <TextInput
              label="Label"
              description="Empty takes the next free number."
              {...form.getInputProps('label')}
              error={faults.label}
            />
            <NumberInput
              label="How many alike"
              description="Their numbers run on."
              size="md"
              min={1}
              max={50}
              clampBehavior="strict"
              value={count}
              onChange={(v) => form.setFieldValue('count', typeof v === 'number' ? v : 1)}
            />
            <DateField
              label="Last repotted"
              max={today}
              value={lastRepotted}
              error={faults.lastRepotted}
              change={(on) => form.setFieldValue('lastRepotted', on)}
            />
            <div hidden={!mayWork}>
              <FileButton accept="image/jpeg,image/png" capture="environment" onChange={setPhoto}>
                {(props) => (
                  <Button {...props} variant="default" leftSection={<IconCamera size={20} aria-hidden />}>
                    {photo ? 'Another photo' : 'A photo'}
                  </Button>
                )}
              </FileButton>
              {photo && <p className={classes.hint}>{photo.name} goes with {count > 1 ? 'the first of them' : 'it'}.</p>}
            </div>
            <LengthInput label="Height of the plant" value={height} units={units} error={faults.heightMm} change={(text) => form.setFieldValue('height', text)} />
          </div>
        </fieldset>
        <div className={classes.acts}>
          <Button type="submit" size="lg" loading={add.isPending || addSpot.isPending}>
            {count > 1 ? `Add ${count} of them` : mayWork ? 'Add it, then look at it' : 'Add it'}
          </Button>
        </div>
      </form>
    </>
  );
}
