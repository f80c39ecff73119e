import { Button, Checkbox, Modal, NativeSelect, Slider, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useVersionedWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { litres, mass, say, share, width } from '../../ui/format';
import { mixFitWords } from '../../ui/words';
import { useReader } from '../team/session';
import { money } from './batch';
import { BOX, bands, inWords } from './mixShape';
import classes from './Mixes.module.css';

type Mix = Schemas['MixView'];

const NARROWEST = 90;
const WIDEST = 400;

/** Pots up to this width are drawn to one scale; wider ones fill the drawing. */
const LEAST_DRAWN = 220;
const SETTLES_MS = 120;
const COARSE_MM = 30;

/** Beside a pot with a coarse layer: the same pot without it. */
const BARE = 'bare';

/** Depths of pots, of their width; null for the usual one. */
const DEPTHS = [
  { value: 'usual', label: 'As deep as usual', of: null },
  { value: 'bowl', label: 'A bowl, half as deep', of: 0.46 },
  { value: 'tall', label: 'A tall one, half deeper', of: 1.4 },
] as const;

/** What each mix does in a pot: where water stands and where air is left. */
export function MixesPage() {
  const { units, mayPlan } = useReader();
  const [topMm, setTop] = useState(170);
  const [depth, setDepth] = useState('usual');
  const [coarse, setCoarse] = useState(false);
  const [species, setSpecies] = useState('');
  const [stocked, setStocked] = useState(false);
  const room = useQuery(reads.mixRoom());
  const [chosen, choose] = useState('foliage');
  const [beside, setBeside] = useState('succulent');
  const [settled] = useDebouncedValue(topMm, SETTLES_MS);
  const of = DEPTHS.find((d) => d.value === depth)?.of ?? null;
  const asked = { topMm: settled, heightMm: of === null ? null : Math.max(60, Math.round(settled * of)), coarseMm: coarse ? COARSE_MM : 0, species: species || null };
  const { data, error, refetch } = useQuery(reads.mixes(asked));
  const without = useQuery({ ...reads.mixes({ ...asked, coarseMm: 0 }), enabled: coarse });
  const kinds = useQuery(reads.speciesList(''));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const have = new Map((room.data?.items ?? []).filter((i) => i.kind === 'INGREDIENT').map((i) => [i.code, i.litres ?? 0]));
  const makeable = (m: Mix) => (m.stockLitres ?? 0) > 0 || m.parts.every((p) => (have.get(p.ingredient) ?? 0) > 0);
  const listed = stocked ? data.mixes.filter(makeable) : data.mixes;
  const one = listed.find((m) => m.code === chosen) ?? listed[0];
  const bare = coarse && beside === BARE ? without.data?.mixes.find((m) => m.code === one?.code) : undefined;
  const other = bare ?? data.mixes.find((m) => m.code === beside) ?? data.mixes[1];
  return (
    <>
      <title>Mixes · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Mixes</h1>
          <p>The same mix is airy in a deep pot and soggy in a bowl. Drained, in this pot:</p>
        </div>
        <div className={page.tools}>
          <Button component={Link} to="/batches">
            Mix for the next jobs
          </Button>
          {mayPlan && (
            <>
              <Button component={Link} to="/mixes/new" variant="default">
                Add a mix
              </Button>
              <Button component={Link} to="/mixes-import" variant="subtle">
                In and out as CSV or JSON
              </Button>
            </>
          )}
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
        <Checkbox label="Only what is mixed or can be" checked={stocked} onChange={(e) => setStocked(e.currentTarget.checked)} />
        <Checkbox label={`Over ${say(width(COARSE_MM, units))} of grit`} checked={coarse} onChange={(e) => { setCoarse(e.currentTarget.checked); setBeside(e.currentTarget.checked ? BARE : 'succulent'); }} />
      </div>
      <div className={classes.bench}>
        <ol className={classes.list} aria-label="Mixes">
          {listed.length === 0 && <li>None of them can be mixed of what is counted. Count ingredients below.</li>}
          {listed.map((m) => (
            <Row key={m.code} mix={m} chosen={m.code === one?.code} choose={choose} />
          ))}
        </ol>
        {one && other && (
          <div className={classes.pair}>
            <InPot mix={one} view={data} />
            <InPot mix={other} view={data} pick={{ value: bare ? BARE : other.code, all: [...(coarse ? [{ code: BARE, label: 'The same without the layer' }] : []), ...data.mixes], choose: setBeside }} />
            <ul className={classes.key} aria-label="How to read the drawings">
              <li><i data-water /> water</li>
              <li><i data-air /> air</li>
              <li><i data-medium /> medium</li>
            </ul>
          </div>
        )}
      </div>
      {room.data && <Ingredients all={data.ingredients} room={room.data} />}
    </>
  );
}

function Row({ mix: m, chosen, choose }: { mix: Mix; chosen: boolean; choose: (code: string) => void }) {
  const { units } = useReader();
  return (
    <li>
      <button type="button" aria-pressed={chosen} data-fit={m.fit ?? 'NONE'} onClick={() => choose(m.code)}>
        <span>
          <strong>{m.label}</strong>
          {m.fit && <small>{mixFitWords(m.choice, m.fit)}</small>}
          {(m.stockLitres !== null || m.measured) && (
            <small>{[m.stockLitres === null ? '' : `${say(litres(Math.max(0, m.stockLitres), units))} mixed`, m.measured ? 'measured' : ''].filter(Boolean).join(', ')}</small>
          )}
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

function InPot({ mix: m, view, pick }: { mix: Mix; view: Schemas['MixesView']; pick?: { value: string; all: { code: string; label: string }[]; choose: (code: string) => void } }) {
  const { units, currency } = useReader();
  const drawn = bands(m.layers, view.topMm, view.heightMm, Math.max(LEAST_DRAWN, view.topMm));
  return (
    <article className={classes.inPot} aria-label={m.label}>
      {pick ? (
        <NativeSelect aria-label="Beside it" value={pick.value} data={pick.all.map((o) => ({ value: o.code, label: o.label }))} onChange={(e) => pick.choose(e.currentTarget.value)} />
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
        {m.centsPerLitre !== null && (
          <>
            <dt>A litre costs</dt>
            <dd className="measure">{money(Math.round(m.centsPerLitre), currency)}</dd>
          </>
        )}
        <dt>Spent after</dt>
        <dd className="measure">{Math.round(m.lifeMonths / 12 * 2) / 2} years</dd>
      </dl>
      <p>{m.reason}</p>
      <p className={classes.recipe}>
        {m.parts.map((p) => `${p.parts} ${p.label}`).join(', ')}
        {m.peat ? '.' : '; without peat.'}
      </p>
      {m.withoutPeat && (
        <p className={classes.recipe}>
          With coir for its peat: {say(share(m.withoutPeat.airFilled))} air, its water lasts {say(share(m.withoutPeat.days))} as long.
        </p>
      )}
      <Link to={`/mixes/${m.code}`}>Recipe, bucket tests, substitutes</Link>
      {m.fit && view.airFrom !== null && view.airTo !== null && (
        <p className={classes.fit} data-fit={m.fit}>
          {mixFitWords(m.choice, m.fit)}: it likes {say(share(view.airFrom))} to {say(share(view.airTo))} of air.
        </p>
      )}
    </article>
  );
}

function Ingredients({ all, room }: { all: Schemas['IngredientView'][]; room: Schemas['MixRoomView'] }) {
  const { units, mayPlan, currency } = useReader();
  const items = new Map(room.items.filter((i) => i.kind === 'INGREDIENT').map((i) => [i.code, i]));
  return (
    <section className={classes.ingredients} aria-labelledby="ingredients">
      <header>
        <h2 id="ingredients">Ingredients</h2>
        <span className={page.tools}>
          <Measures key={room.version} room={room} />
          {mayPlan && (
            <Button component={Link} to="/ingredients/new" variant="default" size="sm">
              Add an ingredient
            </Button>
          )}
        </span>
      </header>
      <div className={page.scroll}>
        <table className={page.table}>
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">In stock</th>
              <th scope="col">Bag</th>
              <th scope="col">Pores</th>
              <th scope="col">A litre, dry</th>
              <th scope="col">To know</th>
            </tr>
          </thead>
          <tbody>
            {all.map((i) => {
              const item = items.get(i.code);
              return (
                <tr key={i.code}>
                  <td>
                    <Link to={`/ingredients/${i.code}`}>{i.label}</Link>
                    {i.measured && <small className={page.soft}> measured</small>}
                  </td>
                  <td className="measure" data-below={(item?.litres ?? 0) < -0.05}>
                    {item?.litres === null || item?.litres === undefined ? 'not counted' : say(litres(item.litres, units))}
                  </td>
                  <td className="measure">
                    {item?.bagLitres === null || item?.bagLitres === undefined ? '–' : say(litres(item.bagLitres, units))}
                    {item?.bagCents !== null && item?.bagCents !== undefined && `, ${money(item.bagCents, currency)}`}
                  </td>
                  <td className="measure">{say(share(i.saturated))}</td>
                  <td className="measure">{say(mass(i.dryGrams, units))}</td>
                  <td>
                    {[i.coarse ? 'Gives structure.' : '', i.dust ? 'Its dust harms lungs: damp it, or work outdoors or masked.' : '', i.remark].filter(Boolean).join(' ')}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** What the team measures out with. */
function Measures({ room }: { room: Schemas['MixRoomView'] }) {
  const { units, mayPlan } = useReader();
  const [open, setOpen] = useState(false);
  const [scoop, setScoop] = useState(String(room.scoopLitres));
  const [bucket, setBucket] = useState(String(room.bucketLitres));
  const { save, faults } = useVersionedWrite(writes.mixMeasures, { done: () => setOpen(false) });
  const n = (text: string) => Number(text.replace(',', '.'));
  return (
    <>
      <span>
        A scoop is <span className="measure">{say(litres(room.scoopLitres, units))}</span>, a bucket <span className="measure">{say(litres(room.bucketLitres, units))}</span>.
      </span>
      {mayPlan && (
        <Button variant="subtle" size="sm" onClick={() => setOpen(true)}>
          Change
        </Button>
      )}
      <Modal opened={open} onClose={() => setOpen(false)} title="Scoop and bucket">
        <form
          className={classes.dialog}
          onSubmit={(e) => {
            e.preventDefault();
            save.mutate({ version: room.version, request: { scoopLitres: n(scoop), bucketLitres: n(bucket) } });
          }}
        >
          <TextInput label="Litres of a scoop" inputMode="decimal" value={scoop} error={faults.scoopLitres} onChange={(e) => setScoop(e.currentTarget.value)} data-autofocus />
          <TextInput label="Litres of a bucket" inputMode="decimal" value={bucket} error={faults.bucketLitres} onChange={(e) => setBucket(e.currentTarget.value)} />
          <Button type="submit" loading={save.isPending}>
            Save
          </Button>
        </form>
      </Modal>
    </>
  );
}
