import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import page from '../../ui/Page.module.css';
import { sayLeftOut } from '../../ui/LeftOut';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { day, mass, say, type Units } from '../../ui/format';
import { corners, points } from '../../ui/potShape';
import { measures } from '../../ui/sectionShape';
import { plain } from '../../ui/words';
import { useReader } from '../team/session';
import { MoveStock } from './MoveStock';
import { Ordered } from './Ordered';
import { narrowed, useShelf, type ShelfItem } from './useShelf';
import { price } from './words';
import classes from './Shelf.module.css';

/** Pots in stock: how many are free, who has the others, and what runs out. */
export function ShelfPage() {
  const { data, error, refetch } = useShelf();
  const { units, mayWork } = useReader();
  const [narrow, setNarrow] = useState({ text: '', kind: '', onlyFew: false });
  const [moving, setMoving] = useState<ShelfItem | null>(null);
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const few = data.items.filter((i) => i.few).length;
  const shown = narrowed(data.items, narrow);
  return (
    <>
      <title>Shelf · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Shelf</h1>
          <p>
            {data.items.length} makes of pots{few > 0 && `, ${few} of them few or gone`}
          </p>
        </div>
        <div className={page.tools}>
          {mayWork && (
            <>
              <Button component={Link} to="/shelf/new">
                Add a pot
              </Button>
              <Button component={Link} to="/labels?kind=POT" variant="default">
                Labels
              </Button>
              <Button component={Link} to="/mixes" variant="default">
                Mixes
              </Button>
              <Button component={Link} to="/shelf/trade" variant="default">
                From trade sizes
              </Button>
              <Button component={Link} to="/shelf/import" variant="default">
                Read in
              </Button>
            </>
          )}
          <Button component="a" href="/api/shelf-export" variant="default">
            Save as CSV
          </Button>
        </div>
      </div>
      {data.items.length === 0 ? (
        <p>
          Nothing is on the shelf yet, so plans compare standard trade sizes. Start from those you stock, read in a sheet, or add a pot by
          its measures.
        </p>
      ) : (
        <>
          <Ordered items={data.items} />
          <div className={`${page.tools} ${classes.narrow}`}>
            <TextInput
              aria-label="Narrow the shelf"
              placeholder="Name, shape or material"
              value={narrow.text}
              onChange={(e) => setNarrow({ ...narrow, text: e.currentTarget.value })}
            />
            <NativeSelect
              aria-label="Kind"
              value={narrow.kind}
              onChange={(e) => setNarrow({ ...narrow, kind: e.currentTarget.value })}
              data={[
                { value: '', label: 'All pots' },
                { value: 'GROW', label: 'To plant in' },
                { value: 'COVER', label: 'Cover pots' },
              ]}
            />
            <Checkbox
              label="Only what is few"
              checked={narrow.onlyFew}
              onChange={(e) => setNarrow({ ...narrow, onlyFew: e.currentTarget.checked })}
            />
          </div>
          <ul className={classes.shelf}>
            {shown.map((i) => (
              <Item key={i.pot.id} item={i} units={units} mayWork={mayWork} move={() => setMoving(i)} />
            ))}
          </ul>
          {shown.length === 0 && <p>No pot matches. Take a word away.</p>}
        </>
      )}
      {moving && <MoveStock item={moving} close={() => setMoving(null)} />}
    </>
  );
}

function Item({ item, units, mayWork, move }: { item: ShelfItem; units: Units; mayWork: boolean; move: () => void }) {
  const { currency } = useReader();
  const { pot } = item;
  return (
    <li data-few={item.few}>
      <ShelfPot item={item} />
      <div className={classes.what}>
        <strong>{mayWork ? <Link to={`/shelf/${pot.id}`}>{pot.name}</Link> : pot.name}</strong>
        <small>
          <span className={`${classes.size} measure`}>
            {measures(outline(item), units)}
          </span>{' '}
          {[
            plain(pot.material).toLowerCase(),
            pot.shape === 'STANDARD' ? '' : plain(pot.shape).toLowerCase(),
            pot.kind === 'COVER' ? 'cover pot' : pot.drainHoles === 1 ? 'one hole' : `${pot.drainHoles} holes`,
            pot.wireHoles > 0 ? `${pot.wireHoles} wire holes` : '',
            pot.feet > 0 ? `${pot.feet} feet` : '',
            say(mass(pot.massG, units)),
            pot.place,
            pot.note,
          ]
            .filter(Boolean)
            .join(', ')}
        </small>
        {item.leftOut.length > 0 && (
          <small className={classes.bad}>
            {item.leftOut.map(sayLeftOut).join(' ')} A usual measure stands in until somebody mends it.
          </small>
        )}
      </div>
      <div className={classes.free}>
        <b className="measure">{item.free}</b>
        <small>
          free of <span className="measure">{pot.inStock}</span>
        </small>
        {item.few && <em>{item.free === 0 ? 'none free' : 'few'}</em>}
      </div>
      <div className={classes.who}>
        {item.reservations.slice(0, 3).map((r) => (
          <Link key={r.jobId} to={`/jobs/${r.jobId}`}>
            {r.count > 1 && `${r.count} for `}
            {r.commonName} <span className="measure">{r.label}</span>, {day(r.plannedOn)}
          </Link>
        ))}
        {item.reservations.length > 3 && <span>and {item.reservations.length - 3} more</span>}
        {item.fits.length > 0 && (
          <small>
            {pot.kind === 'COVER' ? 'Takes ' : 'Stands in '}
            {item.fits
              .slice(0, 3)
              .map((f) => f.name)
              .join(', ')}
            {item.fits.length > 3 && ` and ${item.fits.length - 3} more`}
          </small>
        )}
      </div>
      <span className={`${classes.price} measure`}>{price(pot.priceCents, currency)}</span>
      {mayWork && (
        <Button variant="default" size="sm" onClick={move} aria-label={`Count of ${pot.name}`}>
          Count
        </Button>
      )}
    </li>
  );
}

const outline = ({ pot }: ShelfItem) => ({
  shape: pot.shape, topMm: pot.topMm, baseMm: pot.baseMm, heightMm: pot.heightMm, topDepthMm: pot.topDepthMm, baseDepthMm: pot.baseDepthMm, mouthMm: pot.mouthMm,
});

/** One scale for the whole shelf: a 9 cm pot is small, an 85 cm trough is wide. */
function ShelfPot({ item: { pot } }: { item: ShelfItem }) {
  const scale = 0.13;
  const s = { topMm: pot.topMm * scale, baseMm: pot.baseMm * scale, heightMm: pot.heightMm * scale };
  const mouth = pot.mouthMm === null ? null : (pot.mouthMm * scale) / 2;
  const top = 62 - s.heightMm;
  return (
    <svg width={118} height={66} viewBox="0 0 118 66" aria-hidden className={classes.pot} data-kind={pot.kind}>
      <polygon points={points(corners(s, 59, 62))} />
      {mouth !== null && <path d={`M${59 - s.topMm / 2} ${top} L${59 - mouth} ${top - 3} v-3 M${59 + s.topMm / 2} ${top} L${59 + mouth} ${top - 3} v-3`} />}
    </svg>
  );
}
