import { Button, NativeSelect } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { say, width, type Units } from '../../ui/format';
import { useReader } from '../team/session';
import classes from './LabelsPage.module.css';

type Layout = Schemas['LayoutView'];

const KINDS = [
  { value: 'PLANT', label: 'Plants' },
  { value: 'SPOT', label: 'Spots' },
  { value: 'POT', label: 'Pots of the shelf' },
];

const layoutWords = (l: Layout, units: Units): string => {
  const size = `${say(width(l.widthMm, units))} by ${say(width(l.heightMm, units))}`;
  return l.paper ? `${l.columns * l.rows} on ${l.paper === 'A4' ? 'A4' : 'Letter'}, ${size}` : `One by one, ${size}`;
};

/** Chooses what is labelled, on which sheet, and from which place of it on. */
export function LabelsPage() {
  const { data, error, refetch } = useQuery(reads.labels());
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return <Choose choices={data} />;
}

function Choose({ choices }: { choices: Schemas['LabelChoices'] }) {
  const { units, paper } = useReader();
  const [params] = useSearchParams();
  const site = params.get('site');
  const of = params.get('of');
  const [kind, setKind] = useState(params.get('kind') ?? 'PLANT');
  const [layoutId, setLayout] = useState(() => (of ? choices.layouts.find((l) => !l.paper) : choices.layouts.find((l) => l.paper === paper))?.id ?? '');
  const [first, setFirst] = useState(1);
  const [address, setAddress] = useState(choices.addresses[0] ?? '');
  const layout = choices.layouts.find((l) => l.id === layoutId);
  if (!layout) return null;
  const query = new URLSearchParams({ kind, layout: layout.id, first: String(first), address });
  if (site && kind !== 'POT') query.set('site', site);
  if (of) query.set('of', of);
  return (
    <>
      <title>Labels · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Labels</h1>
          <p>{of ? (params.get('name') ?? 'One label') : site ? `At ${params.get('name') ?? 'one site'}` : 'Everything in care'}. A phone’s camera opens what they are on.</p>
        </div>
        <div className={page.tools}>
          <Button component="a" href={`/api/labels/sheet?${query}`} target="_blank" rel="noreferrer">
            Open to print
          </Button>
        </div>
      </div>
      <div className={classes.choose}>
        <div className={classes.fields}>
          {!of && <NativeSelect label="For" value={kind} onChange={(e) => setKind(e.currentTarget.value)} data={KINDS} />}
          <NativeSelect
            label="Sheet"
            description="Print at full size: no fitting to the page."
            value={layout.id}
            onChange={(e) => {
              setLayout(e.currentTarget.value);
              setFirst(1);
            }}
            data={choices.layouts.map((l) => ({ value: l.id, label: layoutWords(l, units) }))}
          />
          {choices.addresses.length > 1 && (
            <NativeSelect
              label="Codes lead to"
              description="An address that phones reach. Within the app any of them opens."
              value={address}
              onChange={(e) => setAddress(e.currentTarget.value)}
              data={choices.addresses}
            />
          )}
          {!choices.reached && (
            <p className={classes.warn}>
              Only this computer reaches {address}. A phone’s own camera app will not open such a label; the reader within this app does. Start the server for other
              devices before you print many.
            </p>
          )}
        </div>
        {layout.paper && <Sheet layout={layout} first={first} choose={setFirst} />}
      </div>
    </>
  );
}

/** The sheet as it lies in the printer; a used one begins where it is still full. */
function Sheet({ layout, first, choose }: { layout: Layout; first: number; choose: (place: number) => void }) {
  const places = Array.from({ length: layout.columns * layout.rows }, (_, i) => i);
  return (
    <figure className={classes.figure}>
      <div className={classes.sheet} style={{ aspectRatio: `${layout.pageWidthMm} / ${layout.pageHeightMm}` }} role="radiogroup" aria-label="First label on the sheet">
        {places.map((i) => (
          <button
            key={i}
            type="button"
            role="radio"
            aria-checked={first === i + 1}
            aria-label={`Begin at place ${i + 1}`}
            data-free={i + 1 < first}
            onClick={() => choose(i + 1)}
            style={{
              left: `${((layout.leftMm + layout.stepXmm * (i % layout.columns)) / layout.pageWidthMm) * 100}%`,
              top: `${((layout.topMm + layout.stepYmm * Math.floor(i / layout.columns)) / layout.pageHeightMm) * 100}%`,
              width: `${(layout.widthMm / layout.pageWidthMm) * 100}%`,
              height: `${(layout.heightMm / layout.pageHeightMm) * 100}%`,
            }}
          >
            {first === i + 1 ? 'first' : ''}
          </button>
        ))}
      </div>
      <figcaption>Tap the first label that is still there.</figcaption>
    </figure>
  );
}
