import { Button, Modal, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useOnce } from '../../api/once';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { Conflict } from '../../ui/Conflict';
import { DateField } from '../../ui/DateField';
import { day, dayYear, litres, say } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { Needed, type Wanting } from './Needed';
import type { ShelfItem } from './useShelf';
import classes from './Shelf.module.css';

type Order = Schemas['OrderView'];

const LABELS = { shelfPotId: 'What', ingredient: 'What', supply: 'What', supplier: 'From whom', amount: 'How many', orderedOn: 'Ordered on', dueOn: 'Comes on', note: 'Note' };

/** One of what was ordered, in words. */
function named(order: Order): string {
  if (order.ingredient !== null) return `a bag of ${order.pot}`;
  return order.supply !== null ? `a pack of ${order.pot.toLowerCase()}` : order.pot;
}

/** What is on its way, and what it is for. */
export function Ordered({ items }: { items: ShelfItem[] }) {
  const { today, mayWork } = useReader();
  const room = useQuery(reads.mixRoom());
  const bought = (room.data?.items ?? []).filter((i) => i.kind === 'INGREDIENT' && i.bagLitres !== null);
  const { data } = useQuery(reads.orders());
  const [editing, setEditing] = useState<Order | Wanting | 'new' | null>(null);
  const [here, setHere] = useState<Order | null>(null);
  const supplies = useQuery({ ...reads.supplies(), enabled: editing !== null });
  const packed = (supplies.data ?? []).filter((s) => s.pack !== null);
  if (!data || (data.length === 0 && !mayWork)) return null;
  return (
    <section className={classes.ordered} aria-labelledby="ordered">
      <header>
        <h2 id="ordered">On its way</h2>
        {mayWork && (
          <Button variant="default" size="sm" onClick={() => setEditing('new')}>
            Write down an order
          </Button>
        )}
      </header>
      {data.length === 0 ? (
        <p>Nothing is on order.</p>
      ) : (
        <ul>
          {data.map((o) => (
            <li key={o.id} data-late={o.dueOn < today}>
              <span className={`${classes.due} measure`}>{day(o.dueOn)}</span>
              <span>
                <strong>
                  {o.amount - o.received} × {named(o)}
                </strong>{' '}
                from {o.supplier}
                {o.received > 0 && `, ${o.received} have come`}
                {o.dueOn < today && <b className={classes.overdue}>: overdue</b>}
                <small>
                  ordered {dayYear(o.orderedOn)}
                  {o.waiting > 0 && `; ${o.waiting === 1 ? 'one job waits' : `${o.waiting} jobs wait`} for it`}
                  {o.note && `; ${o.note}`}
                </small>
              </span>
              {mayWork && (
                <span className={classes.orderActs}>
                  <Button variant="default" size="sm" onClick={() => setEditing(o)} aria-label={`Change the order of ${o.pot}`}>
                    Change
                  </Button>
                  <Button size="sm" onClick={() => setHere(o)} aria-label={`${o.pot} came`}>
                    It came
                  </Button>
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
      {mayWork && <Needed order={setEditing} />}
      {editing && <Edit order={editing === 'new' || !('id' in editing) ? null : editing} wanting={editing !== 'new' && !('id' in editing) ? editing : null} items={items} bought={bought} packed={packed} close={() => setEditing(null)} />}
      {here && <Came order={here} close={() => setHere(null)} />}
    </section>
  );
}

interface EditProps {
  order: Order | null;
  /** What is to be ordered, of a new one. */
  wanting: Wanting | null;
  items: ShelfItem[];
  bought: Schemas['MixItemView'][];
  packed: Schemas['SupplyView'][];
  close: () => void;
}

/** Pots, ingredients and supplies stand in one list; what is no pot is told by these. */
const BAG = 'bag:';
const PACK = 'pack:';

const BEFORE: Record<Wanting['kind'], string> = { POT: '', INGREDIENT: BAG, SUPPLY: PACK };

/** What an order is of, as one value of that list. */
function whatOf(order: Order): string {
  if (order.ingredient !== null) return BAG + order.ingredient;
  return order.supply !== null ? PACK + order.supply : (order.shelfPotId ?? '');
}

function Edit({ order, wanting, items, bought, packed, close }: EditProps) {
  const { today, units } = useReader();
  const once = useOnce();
  const form = useForm({
    initialValues: {
      what: order ? whatOf(order) : wanting ? BEFORE[wanting.kind] + wanting.code : (items[0]?.pot.id ?? ''),
      supplier: order?.supplier ?? wanting?.supplier ?? '',
      amount: (order?.amount ?? wanting?.amount ?? 1) as number | string,
      orderedOn: order?.orderedOn ?? today,
      dueOn: order?.dueOn ?? '',
      note: order?.note ?? '',
    },
  });
  const { save, stale, settled, faults } = useVersionedWrite(writes.saveOrder, {
    done: () => {
      notifyDone(order ? 'Changed; what waits for it follows.' : 'Written down.');
      close();
    },
    failed: once.refused,
  });
  const { values: v } = form;
  const missing = v.supplier.trim() === '' ? 'Say from whom.' : v.amount === '' ? 'Say how many.' : v.dueOn === '' && 'Give the day on which it comes.';
  const bag = v.what.startsWith(BAG);
  const pack = v.what.startsWith(PACK);
  const send = (version: number | null) => {
    const { what, ...rest } = v;
    save.mutate({
      id: order?.id ?? once.id(),
      version,
      request: { ...rest, shelfPotId: bag || pack ? null : what, ingredient: bag ? what.slice(BAG.length) : null, supply: pack ? what.slice(PACK.length) : null, amount: Number(v.amount) },
    });
  };
  return (
    <Modal opened onClose={close} title={order ? `The order of ${order.pot}` : 'An order'}>
      <form
        className={classes.dialog}
        onSubmit={(e) => {
          e.preventDefault();
          if (!missing) send(order?.version ?? null);
        }}
      >
        <NativeSelect
          label={LABELS.shelfPotId}
          {...form.getInputProps('what')}
          error={faults.shelfPotId ?? faults.ingredient ?? faults.supply}
          data={[
            { group: 'Pots', items: items.map((i) => ({ value: i.pot.id, label: i.pot.name })) },
            { group: 'Ingredients, in bags', items: bought.map((i) => ({ value: `${BAG}${i.code}`, label: `${i.label}, ${say(litres(i.bagLitres ?? 0, units))}` })) },
            { group: 'Feed and sundries, in packs', items: packed.map((s) => ({ value: `${PACK}${s.key}`, label: `${s.label}, ${s.pack ?? 0} ${s.unit}` })) },
          ]}
        />
        <TextInput label={LABELS.supplier} maxLength={120} {...form.getInputProps('supplier')} error={faults.supplier} />
        <NumberInput label={bag ? 'How many bags' : pack ? 'How many packs' : LABELS.amount} min={1} max={10000} allowDecimal={false} {...form.getInputProps('amount')} error={faults.amount} />
        <DateField label={LABELS.orderedOn} value={v.orderedOn} max={today} change={(to) => form.setFieldValue('orderedOn', to)} error={faults.orderedOn} />
        <DateField label={LABELS.dueOn} value={v.dueOn} change={(to) => form.setFieldValue('dueOn', to)} error={faults.dueOn} />
        <TextInput label={LABELS.note} maxLength={400} {...form.getInputProps('note')} error={faults.note} />
        {stale && (
          <Conflict
            problem={stale.problem}
            labels={LABELS}
            keepMine={() => {
              settled();
              send(stale.problem.version ?? null);
            }}
            takeTheirs={close}
          />
        )}
        <Act type="submit" missing={missing} loading={save.isPending}>
          Save
        </Act>
      </form>
    </Modal>
  );
}

function Came({ order, close }: { order: Order; close: () => void }) {
  const once = useOnce();
  const open = order.amount - order.received;
  const [amount, setAmount] = useState<number | string>(open);
  const [lot, setLot] = useState('');
  const there = order.ingredient ? 'In the mix room' : order.supply ? 'Counted' : 'On the shelf';
  const receive = useWrite(writes.receiveOrder, {
    done: () => {
      notifyDone(`${order.pot}: ${there.toLowerCase()}.`);
      close();
    },
    failed: (e) => once.refused(e),
  });
  const count = Number(amount);
  const send = (last: boolean, n: number) => receive.mutate({ id: order.id, request: { id: once.id(), amount: n, last, lot: order.ingredient ? lot : null } });
  return (
    <Modal opened onClose={close} title={`${order.pot}, from ${order.supplier}`}>
      <div className={classes.dialog}>
        <NumberInput label="How many came" min={1} max={10000} allowDecimal={false} value={amount} onChange={setAmount} data-autofocus />
        {order.ingredient && <TextInput label="Lot, as on the bags" maxLength={60} value={lot} onChange={(e) => setLot(e.currentTarget.value)} />}
        <Act missing={(amount === '' || count < 1) && 'Say how many came.'} loading={receive.isPending} onClick={() => send(count >= open, count)}>
          {count >= open ? there : `${there}; ${open - count} still to come`}
        </Act>
        {count < open && count > 0 && (
          <Button variant="default" loading={receive.isPending} onClick={() => send(true, count)}>
            {there}; the others do not come
          </Button>
        )}
        <Button variant="subtle" color="oxblood" loading={receive.isPending} onClick={() => send(true, 0)}>
          {order.received > 0 ? 'No more of it comes' : 'It does not come at all'}
        </Button>
      </div>
    </Modal>
  );
}
