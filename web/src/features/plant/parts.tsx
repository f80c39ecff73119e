import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { LengthInput } from '../../ui/LengthInput';
import { say, width, type Units } from '../../ui/format';
import { MATERIALS } from '../../ui/potWords';
import { plain } from '../../ui/words';
import { useCatalogue } from '../advice/catalogue';
import classes from './AddPlant.module.css';

type Material = Schemas['AddRequest']['potMaterial'];
type Kind = Schemas['Kind'];
type Look = Schemas['GroupLook'];

export type Choice = { known: Pick<Kind, 'species' | 'commonName'> } | { group: Pick<Look, 'group' | 'label' | 'looks'> };

interface WhatProps {
  kind: Choice | null;
  choose: (kind: Choice | null) => void;
  called: string;
  call: (name: string) => void;
  fault: string | undefined;
}

/** By any of its names as it is typed, or by what one sees of it. */
export function WhatItIs({ kind, choose, called, call, fault }: WhatProps) {
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
        onKeyDown={(e) => {
          const first = kinds.data?.[0];
          if (e.key !== 'Enter' || search === '' || !first) return;
          e.preventDefault();
          choose({ known: first });
        }}
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

export interface TapedPot {
  top: string;
  depth: string;
  material: Material;
  holes: boolean;
}

/** The usual sizes of the trade, each by one tap. */
export function SizeTaps({ top, units, only, take }: { top: string; units: Units; only?: number[]; take: (size: Schemas['TradeSize']) => void }) {
  const catalogue = useCatalogue();
  const sizes = (catalogue?.tradeSizes ?? []).filter((s) => s.shape === 'STANDARD' && s.material === 'PLASTIC' && (only === undefined || only.includes(s.topMm)));
  return (
    <div className={classes.sizes} role="group" aria-label="Usual widths">
      {sizes.map((s) => (
        <button key={s.id} type="button" aria-pressed={top === say(width(s.topMm, units))} onClick={() => take(s)}>
          {say(width(s.topMm, units))}
        </button>
      ))}
    </div>
  );
}

/** A trade size by one tap, or the tape. */
export function Sizes({ pot, units, set, faults }: { pot: TapedPot; units: Units; set: (pot: TapedPot) => void; faults: Record<string, string | undefined> }) {
  const words = (mm: number) => say(width(mm, units));
  return (
    <>
      <SizeTaps top={pot.top} units={units} take={(s) => set({ ...pot, top: words(s.topMm), depth: words(s.heightMm) })} />
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
