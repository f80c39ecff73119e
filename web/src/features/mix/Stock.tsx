import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { faultsByField, sayProblem } from '../../api/problem';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { day, litres, moment, say } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { money } from './batch';
import type { Kind } from './cells';
import classes from './Medium.module.css';

type Why = 'RECEIVED' | 'COUNTED' | 'SPOILT';

const WHY: { value: Why; label: string }[] = [
  { value: 'RECEIVED', label: 'It came' },
  { value: 'COUNTED', label: 'Counted: so much is there' },
  { value: 'SPOILT', label: 'Spoilt or lost' },
];

const WORDS: Record<string, string> = { RECEIVED: 'came', COUNTED: 'counted', SPOILT: 'spoilt', BATCH: 'mixed', JOB: 'potted' };

/** What stands there of an ingredient or a mix, by lots, and how an ingredient is bought. */
export function Stock({ kind, code, item }: { kind: Kind; code: string; item: Schemas['MixItemView'] | null }) {
  const { units, mayWork } = useReader();
  const moves = useQuery(reads.mixMoves(kind, code));
  if (!item) return null;
  return (
    <section className={classes.below} aria-labelledby="stock">
      <h2 id="stock">In stock</h2>
      <div className={classes.bench}>
        <div>
          <p className={classes.there} data-below={(item.litres ?? 0) < -0.05}>
            <b className="measure">{item.litres === null ? 'Not counted' : say(litres(item.litres, units))}</b>
            {(item.litres ?? 0) < -0.05 && ' More was used than is on the books. Count it.'}
          </p>
          {item.lots.length > 0 && (
            <table className={page.table}>
              <thead>
                <tr>
                  <th scope="col">Lot</th>
                  <th scope="col">Came</th>
                  <th scope="col">Left</th>
                  <th scope="col">Went into</th>
                </tr>
              </thead>
              <tbody>
                {item.lots.map((l) => (
                  <tr key={l.id}>
                    <td>{l.name}</td>
                    <td>{day(l.cameOn)}</td>
                    <td className="measure">{say(litres(l.litres, units))}</td>
                    <td>
                      <OfLot lot={l.id} />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {mayWork && <Move kind={kind} code={code} />}
        </div>
        <div>
          {kind === 'INGREDIENT' && <Buying item={item} />}
          {kind === 'MIX' && (
            <p>
              It comes of <Link to="/batches">batches</Link>, and goes with the jobs that are done.
            </p>
          )}
          {moves.data && moves.data.length > 0 && (
            <ul className={classes.moves} aria-label="What came and went">
              {moves.data.slice(0, 12).map((m) => (
                <li key={m.at + String(m.litres)}>
                  <span className="measure">
                    {m.litres > 0 ? '+' : '−'}
                    {say(litres(Math.abs(m.litres), units))}
                  </span>
                  <span>
                    {WORDS[m.why] ?? m.why}
                    {m.batch !== null && ` for batch ${m.batch}`}
                    {m.lot !== null && `, lot ${m.lot}`}
                    {m.note && `: ${m.note}`}
                    <small>
                      {moment(m.at)}, {m.who}
                    </small>
                  </span>
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </section>
  );
}

function OfLot({ lot }: { lot: string }) {
  const { data } = useQuery(reads.batches(lot));
  if (!data || data.length === 0) return <>–</>;
  return (
    <>
      {data.map((b, i) => (
        <span key={b.id}>
          {i > 0 && ', '}
          <Link to={`/batches/${b.id}`}>batch {b.number}</Link>
        </span>
      ))}
    </>
  );
}

function Move({ kind, code }: { kind: Kind; code: string }) {
  const once = useOnce();
  const whys = kind === 'MIX' ? WHY.filter((w) => w.value !== 'RECEIVED') : WHY;
  const [why, setWhy] = useState<Why>(kind === 'MIX' ? 'COUNTED' : 'RECEIVED');
  const [text, setText] = useState('');
  const [lot, setLot] = useState('');
  const [note, setNote] = useState('');
  const amount = Number(text.replace(',', '.'));
  const move = useWrite(writes.moveMix, {
    done: () => {
      notifyDone('In the books.');
      setText('');
      setLot('');
      setNote('');
    },
    failed: (e) => {
      once.refused(e);
      return true;
    },
  });
  const faults = faultsByField(move.error);
  const valid = text.trim() !== '' && Number.isFinite(amount) && amount >= 0 && (amount > 0 || why === 'COUNTED');
  return (
    <form
      className={classes.move}
      onSubmit={(e) => {
        e.preventDefault();
        if (valid) move.mutate({ id: once.id(), kind, code, why, litres: amount, lot: why === 'RECEIVED' ? lot : '', note });
      }}
    >
      <NativeSelect label="What happened" value={why} data={whys} onChange={(e) => setWhy(e.currentTarget.value as Why)} />
      <TextInput label="Litres" inputMode="decimal" value={text} error={faults.litres} onChange={(e) => setText(e.currentTarget.value)} />
      {why === 'RECEIVED' && <TextInput label="Lot, as on the bag" maxLength={60} value={lot} error={faults.lot} onChange={(e) => setLot(e.currentTarget.value)} />}
      <TextInput label="Note" maxLength={400} value={note} error={faults.note} onChange={(e) => setNote(e.currentTarget.value)} />
      {move.isError && Object.keys(faults).length === 0 && <p role="alert">{sayProblem(move.error).text}</p>}
      <Act type="submit" missing={!valid && 'Give the litres.'} loading={move.isPending}>
        Write it down
      </Act>
    </form>
  );
}

function Buying({ item }: { item: Schemas['MixItemView'] }) {
  const { units, mayPlan, currency } = useReader();
  const [open, setOpen] = useState(false);
  const [bag, setBag] = useState(item.bagLitres === null ? '' : String(item.bagLitres));
  const [price, setPrice] = useState(item.bagCents === null ? '' : (item.bagCents / 100).toFixed(2));
  const [supplier, setSupplier] = useState(item.supplier);
  const { save, stale, faults } = useVersionedWrite(writes.buyMix, {
    done: () => {
      notifyDone('Saved.');
      setOpen(false);
    },
  });
  const number = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')));
  if (!open) {
    return (
      <p>
        {item.bagLitres === null ? 'Nobody said how it is bought.' : `Bags of ${say(litres(item.bagLitres, units))}`}
        {item.bagLitres !== null && item.bagCents !== null && ` at ${money(item.bagCents, currency)}, ${money(Math.round(item.bagCents / item.bagLitres), currency)} a litre`}
        {item.supplier && `, from ${item.supplier}`}.{' '}
        {mayPlan && (
          <Button variant="subtle" size="compact-md" onClick={() => setOpen(true)}>
            Change
          </Button>
        )}
      </p>
    );
  }
  return (
    <form
      className={classes.move}
      onSubmit={(e) => {
        e.preventDefault();
        const cents = number(price);
        save.mutate({ code: item.code, version: item.version, request: { bagLitres: number(bag), bagCents: cents === null ? null : Math.round(cents * 100), supplier } });
      }}
    >
      <TextInput label="Litres of a bag" inputMode="decimal" value={bag} error={faults.bagLitres} onChange={(e) => setBag(e.currentTarget.value)} />
      <TextInput label={`Price of a bag, ${currency}`} inputMode="decimal" value={price} error={faults.bagCents} onChange={(e) => setPrice(e.currentTarget.value)} />
      <TextInput label="From whom" maxLength={120} value={supplier} error={faults.supplier} onChange={(e) => setSupplier(e.currentTarget.value)} />
      {stale && <p role="alert">{stale.problem.detail}</p>}
      <div className={page.tools}>
        <Button type="submit" loading={save.isPending}>
          Save
        </Button>
        <Button variant="default" onClick={() => setOpen(false)}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
