import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { newId, type Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { DateField } from '../../ui/DateField';
import { LengthInput } from '../../ui/LengthInput';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { readLength, say, width, type Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { MATERIALS } from '../../ui/potWords';
import { lightWords, plain } from '../../ui/words';
import { useCatalogue } from '../advice/catalogue';
import { useReader } from '../team/session';
import classes from './AddPlant.module.css';

type Material = Schemas['AddRequest']['potMaterial'];
type Kind = Schemas['Kind'];
type Look = Schemas['GroupLook'];

const LIGHTS = ['LOW', 'MEDIUM', 'BRIGHT_INDIRECT', 'DIRECT'] as const;
const NEW_SPOT = 'new';

/** One plant, where it stands, in under a minute; then straight into its first check. */
export function AddPlantPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useQuery(reads.site(id));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return <Add site={data} />;
}

function Add({ site }: { site: Schemas['SiteView'] }) {
  const { units, today } = useReader();
  const navigate = useNavigate();
  const once = useOnce();
  const [params] = useSearchParams();
  const [spot, setSpot] = useState(params.get('spot') ?? site.spots[0]?.id ?? NEW_SPOT);
  const [newSpot, setNewSpot] = useState({ id: newId(), name: '', light: 'MEDIUM' as (typeof LIGHTS)[number] });
  const [kind, setKind] = useState<{ known: Kind } | { group: Look } | null>(null);
  const [called, setCalled] = useState('');
  const [pot, setPot] = useState({ top: '', depth: '', material: 'PLASTIC' as Material, holes: true });
  const [more, setMore] = useState({ label: '', count: 1, lastRepotted: '', height: '' });
  const [missing, setMissing] = useState<Record<string, string>>({});
  const addSpot = useWrite(writes.saveSpot, { failed: atItsField });
  const add = useWrite(writes.addPlants, {
    done: (made) => {
      const [first] = made;
      if (!first) return;
      notifyDone(made.length === 1 ? `${first.label} is in care.` : `${first.label} to ${made[made.length - 1]?.label} are in care.`);
      void navigate(made.length === 1 ? `/plants/${first.id}/check` : `/plants?site=${site.site.id}`);
    },
    failed: (e) => {
      once.refused(e);
      return atItsField(e);
    },
  });
  const faults: Record<string, string> = { ...faultsByField(addSpot.error), ...faultsByField(add.error), ...missing };

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
    if (spot === NEW_SPOT && newSpot.name.trim() === '') wrong.name = 'Give the spot a name.';
    const potTopMm = length(pot.top, 'potTopMm', true);
    const potHeightMm = length(pot.depth, 'potHeightMm', false);
    const heightMm = length(more.height, 'heightMm', false);
    setMissing(wrong);
    if (!kind || potTopMm === null || Object.keys(wrong).length > 0) return null;
    return {
      id: once.id(),
      species: 'known' in kind ? kind.known.species : null,
      group: 'known' in kind ? null : kind.group.group,
      commonName: called.trim() || null,
      count: more.count,
      label: more.label.trim() || null,
      potTopMm,
      potHeightMm,
      potShape: 'STANDARD',
      potMaterial: pot.material,
      potHoles: pot.holes ? null : 0,
      heightMm,
      lastRepotted: more.lastRepotted || null,
    };
  };
  const send = async () => {
    const request = read();
    if (!request) return;
    if (spot !== NEW_SPOT) return add.mutate({ spotId: spot, request });
    try {
      await addSpot.mutateAsync({
        id: newSpot.id,
        version: null,
        request: { siteId: site.site.id, name: newSpot.name.trim(), light: newSpot.light },
      });
      add.mutate({ spotId: newSpot.id, request });
    } catch {
      // told at its field, or beside
    }
  };
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
          <WhatItIs kind={kind} choose={setKind} called={called} call={setCalled} fault={faults.species ?? faults.group} />
        </fieldset>
        <fieldset>
          <legend>Its pot, inside at the top</legend>
          <Sizes pot={pot} units={units} set={setPot} faults={faults} />
        </fieldset>
        <fieldset>
          <legend>Where it stands</legend>
          <NativeSelect
            aria-label="Spot"
            value={spot}
            onChange={(e) => setSpot(e.currentTarget.value)}
            data={[...site.spots.map((s) => ({ value: s.id, label: `${s.name}: ${lightWords(s.light).toLowerCase()}` })), { value: NEW_SPOT, label: 'A new spot' }]}
          />
          {spot === NEW_SPOT && (
            <div className={classes.pair}>
              <TextInput label="Name of the spot" value={newSpot.name} error={faults.name} onChange={(e) => setNewSpot({ ...newSpot, name: e.currentTarget.value })} />
              <NativeSelect
                label="Light"
                value={newSpot.light}
                onChange={(e) => setNewSpot({ ...newSpot, light: e.currentTarget.value as (typeof LIGHTS)[number] })}
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
              value={more.label}
              error={faults.label}
              onChange={(e) => setMore({ ...more, label: e.currentTarget.value })}
            />
            <NumberInput
              label="How many alike"
              description="Their numbers run on."
              size="md"
              min={1}
              max={50}
              clampBehavior="strict"
              value={more.count}
              onChange={(v) => setMore({ ...more, count: typeof v === 'number' ? v : 1 })}
            />
            <DateField
              label="Last repotted"
              max={today}
              value={more.lastRepotted}
              error={faults.lastRepotted}
              change={(lastRepotted) => setMore({ ...more, lastRepotted })}
            />
            <LengthInput label="Height of the plant" value={more.height} units={units} error={faults.heightMm} change={(height) => setMore({ ...more, height })} />
          </div>
        </fieldset>
        <div className={classes.acts}>
          <Button type="submit" size="lg" loading={add.isPending || addSpot.isPending}>
            {more.count > 1 ? `Add ${more.count} of them` : 'Add it, then look at it'}
          </Button>
        </div>
      </form>
    </>
  );
}

interface WhatProps {
  kind: { known: Kind } | { group: Look } | null;
  choose: (kind: { known: Kind } | { group: Look } | null) => void;
  called: string;
  call: (name: string) => void;
  fault: string | undefined;
}

/** By any of its names as it is typed, or by what one sees of it. */
function WhatItIs({ kind, choose, called, call, fault }: WhatProps) {
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text.trim(), 120);
  const [unknown, setUnknown] = useState(false);
  const kinds = useQuery({ ...reads.kinds(search), enabled: search !== '' });
  const looks = useQuery({ ...reads.looks(), enabled: unknown });
  if (kind) {
    const [name, detail] = 'known' in kind ? [kind.known.commonName, kind.known.species] : [kind.group.label, kind.group.looks];
    return (
      <>
        <div className={classes.chosen}>
          <div>
            <strong>{name}</strong>
            <span>{'known' in kind ? <i>{detail}</i> : detail}</span>
          </div>
          <Button variant="default" onClick={() => choose(null)}>
            Another
          </Button>
        </div>
        {'group' in kind && <TextInput label="What you call it" description="So that you find it again." value={called} onChange={(e) => call(e.currentTarget.value)} />}
      </>
    );
  }
  if (unknown) {
    return (
      <>
        <p className={classes.hint}>Choose what looks most like it. The call is made by what such plants need; the kind can be named later.</p>
        <ul className={classes.looks}>
          {looks.data?.map((l) => (
            <li key={l.group}>
              <button type="button" onClick={() => choose({ group: l })}>
                <strong>{l.label}</strong>
                <span>{l.looks}</span>
              </button>
            </li>
          ))}
        </ul>
        <Button variant="subtle" onClick={() => setUnknown(false)}>
          I know its name
        </Button>
      </>
    );
  }
  return (
    <>
      <TextInput
        label="Name"
        description="Any of its names, or the beginning of one."
        autoComplete="off"
        value={text}
        error={fault}
        onChange={(e) => setText(e.currentTarget.value)}
      />
      {search !== '' && kinds.data && (
        <ul className={classes.kinds} aria-label="Kinds that may be meant">
          {kinds.data.map((k) => (
            <li key={k.species}>
              <button type="button" onClick={() => choose({ known: k })}>
                <strong>{k.commonName}</strong>
                <span>
                  <i>{k.species}</i>, {k.groupLabel.toLowerCase()}
                </span>
              </button>
            </li>
          ))}
          {kinds.data.length === 0 && <li className={classes.hint}>Nothing in the book is called so.</li>}
        </ul>
      )}
      <Button variant="default" onClick={() => setUnknown(true)}>
        I do not know
      </Button>
    </>
  );
}

interface Pot {
  top: string;
  depth: string;
  material: Material;
  holes: boolean;
}

/** A trade size by one tap, or the tape. */
function Sizes({ pot, units, set, faults }: { pot: Pot; units: Units; set: (pot: Pot) => void; faults: Record<string, string> }) {
  const catalogue = useCatalogue();
  const sizes = (catalogue?.tradeSizes ?? []).filter((s) => s.shape === 'STANDARD' && s.material === 'PLASTIC');
  const words = (mm: number) => say(width(mm, units));
  return (
    <>
      <div className={classes.sizes} role="group" aria-label="Usual widths">
        {sizes.map((s) => (
          <button key={s.id} type="button" aria-pressed={pot.top === words(s.topMm)} onClick={() => set({ ...pot, top: words(s.topMm), depth: words(s.heightMm) })}>
            {words(s.topMm)}
          </button>
        ))}
      </div>
      <div className={classes.pair}>
        <LengthInput label="Width by tape" value={pot.top} units={units} error={faults.potTopMm} change={(top) => set({ ...pot, top, depth: '' })} />
        <LengthInput label="Depth" description="Empty takes the usual one." value={pot.depth} units={units} error={faults.potHeightMm} change={(depth) => set({ ...pot, depth })} />
        <NativeSelect
          label="Made of"
          value={pot.material}
          onChange={(e) => set({ ...pot, material: e.currentTarget.value as Material })}
          data={MATERIALS.map((m) => ({ value: m, label: plain(m) }))}
        />
        <NativeSelect
          label="Holes"
          value={pot.holes ? 'yes' : 'no'}
          onChange={(e) => set({ ...pot, holes: e.currentTarget.value === 'yes' })}
          data={[
            { value: 'yes', label: 'It has holes' },
            { value: 'no', label: 'None' },
          ]}
        />
      </div>
    </>
  );
}
