import { Checkbox, NativeSelect, Slider } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { litres, mass, say, share, width } from '../../ui/format';
import { mixFitWords } from '../../ui/words';
import { useReader } from '../team/session';
import { BOX, bands, inWords } from './mixShape';
import classes from './Mixes.module.css';

type Mix = Schemas['MixView'];

const NARROWEST = 90;
const WIDEST = 400;

/** Pots up to this width are drawn to one scale; wider ones fill the drawing. */
const LEAST_DRAWN = 220;
const SETTLES_MS = 120;
const COARSE_MM = 30;

/** Depths of pots, of their width; null for the usual one. */
const DEPTHS = [
  { value: 'usual', label: 'As deep as usual', of: null },
  { value: 'bowl', label: 'A bowl, half as deep', of: 0.46 },
  { value: 'tall', label: 'A tall one, half deeper', of: 1.4 },
] as const;

/** What each mix does in a pot: where water stands and where air is left. */
export function MixesPage() {
  const { units } = useReader();
  const [topMm, setTop] = useState(170);
  const [depth, setDepth] = useState('usual');
  const [coarse, setCoarse] = useState(false);
  const [species, setSpecies] = useState('');
  const [chosen, choose] = useState('foliage');
  const [beside, setBeside] = useState('succulent');
  const [settled] = useDebouncedValue(topMm, SETTLES_MS);
  const of = DEPTHS.find((d) => d.value === depth)?.of ?? null;
  const asked = { topMm: settled, heightMm: of === null ? null : Math.max(60, Math.round(settled * of)), coarseMm: coarse ? COARSE_MM : 0, species: species || null };
  const { data, error, refetch } = useQuery(reads.mixes(asked));
  const kinds = useQuery(reads.speciesList(''));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const one = data.mixes.find((m) => m.code === chosen) ?? data.mixes[0];
  const other = data.mixes.find((m) => m.code === beside) ?? data.mixes[1];
  return (
    <>
      <title>Mixes · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Mixes</h1>
          <p>The same mix is airy in a deep pot and soggy in a bowl. Drained, in this pot:</p>
        </div>
      </div>
      <div className={classes.tools}>
        <div className={classes.width}>
          <span id="mix-width">
            Width of the pot <b className="measure">{say(width(topMm, units))}</b>, {say(litres(data.litres, units))}
          </span>
          <Slider aria-labelledby="mix-width" thumbLabel="Width of the pot" min={NARROWEST} max={WIDEST} step={10} label={null} value={topMm} onChange={setTop} />
        </div>
        <NativeSelect label="Depth" value={depth} data={DEPTHS.map(({ value, label }) => ({ value, label }))} onChange={(e) => setDepth(e.currentTarget.value)} />
        <NativeSelect
          label="For a kind"
          value={species}
          data={[{ value: '', label: 'Any' }, ...(kinds.data ?? []).map((k) => ({ value: k.name, label: k.commonNames[0] ?? k.name }))]}
          onChange={(e) => setSpecies(e.currentTarget.value)}
        />
        <Checkbox label={`Over ${say(width(COARSE_MM, units))} of grit`} checked={coarse} onChange={(e) => setCoarse(e.currentTarget.checked)} />
      </div>
      <div className={classes.bench}>
        <ol className={classes.list} aria-label="Mixes">
          {data.mixes.map((m) => (
            <Row key={m.code} mix={m} chosen={m.code === one?.code} choose={choose} />
          ))}
        </ol>
        {one && other && (
          <div className={classes.pair}>
            <InPot mix={one} view={data} />
            <InPot mix={other} view={data} pick={{ all: data.mixes, choose: setBeside }} />
            <ul className={classes.key} aria-label="How to read the drawings">
              <li><i data-water /> water</li>
              <li><i data-air /> air</li>
              <li><i data-medium /> medium</li>
            </ul>
          </div>
        )}
      </div>
      <Ingredients all={data.ingredients} />
    </>
  );
}

function Row({ mix: m, chosen, choose }: { mix: Mix; chosen: boolean; choose: (code: string) => void }) {
  return (
    <li>
      <button type="button" aria-pressed={chosen} data-fit={m.fit ?? 'NONE'} onClick={() => choose(m.code)}>
        <span>
          <strong>{m.label}</strong>
          {m.fit && <small>{mixFitWords(m.choice, m.fit)}</small>}
        </span>
        <span className={classes.bar} aria-hidden>
          <i data-water style={{ width: `${m.capacity * 100}%` }} />
          <i data-air style={{ width: `${m.airFilled * 100}%` }} />
        </span>
        <span className="measure">{say(share(m.airFilled))} air</span>
      </button>
    </li>
  );
}

function InPot({ mix: m, view, pick }: { mix: Mix; view: Schemas['MixesView']; pick?: { all: Mix[]; choose: (code: string) => void } }) {
  const { units } = useReader();
  const drawn = bands(m.layers, view.topMm, view.heightMm, Math.max(LEAST_DRAWN, view.topMm));
  return (
    <article className={classes.inPot} aria-label={m.label}>
      {pick ? (
        <NativeSelect aria-label="Beside it" value={m.code} data={pick.all.map((o) => ({ value: o.code, label: o.label }))} onChange={(e) => pick.choose(e.currentTarget.value)} />
      ) : (
        <h2>{m.label}</h2>
      )}
      <svg viewBox={`0 0 ${BOX.width} ${BOX.height}`} role="img" aria-label={inWords(m.label, m.layers, m.airFilled)}>
        <path className={classes.medium} d={`${drawn.outline} Z`} />
        {drawn.bands.map((b, i) => (
          <g key={i} data-coarse={b.coarse}>
            <polygon className={classes.water} points={b.water} />
            <polygon className={classes.air} points={b.air} />
          </g>
        ))}
        <path className={classes.wall} d={drawn.outline} />
      </svg>
      <dl>
        <dt>Water</dt>
        <dd className="measure">{say(share(m.capacity))}</dd>
        <dt>Air</dt>
        <dd className="measure">{say(share(m.airFilled))}</dd>
        <dt>A litre, drained</dt>
        <dd className="measure">{say(mass(m.wetGrams, units))}</dd>
        <dt>Spent after</dt>
        <dd className="measure">{Math.round(m.lifeMonths / 12 * 2) / 2} years</dd>
      </dl>
      <p>{m.reason}</p>
      <p className={classes.recipe}>
        {m.parts.map((p) => `${p.parts} ${p.label}`).join(', ')}
        {m.peat ? '.' : '; without peat.'}
      </p>
      {m.fit && view.airFrom !== null && view.airTo !== null && (
        <p className={classes.fit} data-fit={m.fit}>
          {mixFitWords(m.choice, m.fit)}: it likes {say(share(view.airFrom))} to {say(share(view.airTo))} of air.
        </p>
      )}
    </article>
  );
}

function Ingredients({ all }: { all: Schemas['IngredientView'][] }) {
  const { units } = useReader();
  return (
    <section className={classes.ingredients} aria-labelledby="ingredients">
      <h2 id="ingredients">Ingredients</h2>
      <table className={page.table}>
        <thead>
          <tr>
            <th>Name</th>
            <th>Pores</th>
            <th>A litre, dry</th>
            <th>To know</th>
          </tr>
        </thead>
        <tbody>
          {all.map((i) => (
            <tr key={i.code}>
              <td>{i.label}</td>
              <td className="measure">{say(share(i.saturated))}</td>
              <td className="measure">{say(mass(i.dryGrams, units))}</td>
              <td>
                {[i.coarse ? 'Gives structure.' : '', i.dust ? 'Its dust harms lungs: damp it, or work outdoors or masked.' : '', i.remark].filter(Boolean).join(' ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
