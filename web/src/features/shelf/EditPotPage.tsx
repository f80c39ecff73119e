import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useOnce } from '../../api/once';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Conflict } from '../../ui/Conflict';
import { LengthInput, MassInput } from '../../ui/LengthInput';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import { MATERIALS, SHAPES } from '../../ui/potWords';
import { plain } from '../../ui/words';
import { useReader } from '../team/session';
import { EMPTY, MEASURES, formOf, readForm, type PotForm } from './potForm';
import { useShelf, type ShelfItem } from './useShelf';
import classes from './Shelf.module.css';

const LABELS: Record<string, string> = {
  name: 'Name on the shelf', topMm: 'Width at the top', baseMm: 'Width at the base', topDepthMm: 'Front to back, top', baseDepthMm: 'Front to back, base',
  heightMm: 'Depth', mouthMm: 'Mouth', footMm: 'Foot, outside', massG: 'Mass', drainHoles: 'Holes', feet: 'Feet', wireHoles: 'Wire holes',
  inStock: 'In stock', lowAt: 'Few from', price: 'Price each', note: 'Note', place: 'Where it stands', kind: 'Kind', shape: 'Shape', material: 'Material', priceCents: 'Price each',
};

export function EditPotPage() {
  const { id } = useParams();
  const { data, error, refetch } = useShelf();
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const item = data.items.find((i) => i.pot.id === id);
  if (id && !item) return <p>This pot is not on the shelf any more.</p>;
  return <EditPot key={id ?? 'new'} item={item ?? null} />;
}

function EditPot({ item }: { item: ShelfItem | null }) {
  const { units } = useReader();
  const navigate = useNavigate();
  const once = useOnce();
  const id = () => item?.pot.id ?? once.id();
  const [opened] = useState<PotForm>(() => (item ? formOf(item.pot, units) : EMPTY));
  const form = useForm({ initialValues: opened });
  const saved = (words: string) => {
    notifyDone(words);
    void navigate('/shelf');
  };
  const {
    save,
    stale,
    settled,
    faults: refused,
  } = useVersionedWrite(writes.savePot, { done: () => saved('On the shelf.'), failed: once.refused });
  const remove = useWrite(writes.removePot, { done: () => saved('Taken off the shelf.') });
  const send = (version: number | null) => {
    const { request, wrong } = readForm(form.values, units, item?.pot);
    form.setErrors(wrong);
    if (Object.keys(wrong).length === 0) save.mutate({ id: id(), version, request });
  };
  const faults: Record<string, string | undefined> = { ...refused, ...(form.errors as Record<string, string | undefined>) };
  const text = (key: keyof PotForm, field: string = key) => ({
    label: LABELS[key],
    ...form.getInputProps(key),
    error: faults[field],
  });
  const tape = (key: (typeof MEASURES)[number] | 'massG', description?: string) => ({
    label: LABELS[key] ?? key, value: form.values[key], error: faults[key], units, description, change: (value: string) => form.setFieldValue(key, value),
  });
  return (
    <>
      <title>{`${item ? item.pot.name : 'A new pot'} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1>{item ? item.pot.name : 'A pot for the shelf'}</h1>
          <p>Inside measures; what is left empty takes the usual proportions.</p>
        </div>
      </div>
      <form
        className={classes.form}
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          send(item?.pot.version ?? null);
        }}
      >
        <fieldset>
          <legend>Stock</legend>
          <TextInput {...text('name')} />
          <NativeSelect {...text('kind')} data={[{ value: 'GROW', label: 'To plant in' }, { value: 'COVER', label: 'Cover pot' }]} />
          <div className={classes.row}>
            {!item && <TextInput {...text('inStock')} inputMode="numeric" />}
            <TextInput {...text('lowAt')} inputMode="numeric" />
            <TextInput {...text('price', 'priceCents')} inputMode="decimal" />
          </div>
          <TextInput {...text('place')} description="The load list names it, so that whoever packs finds it" maxLength={60} />
          <TextInput {...text('note')} />
        </fieldset>
        <fieldset>
          <legend>Measures</legend>
          <div className={classes.row}>
            <NativeSelect {...text('shape')} data={SHAPES.map((s) => ({ value: s, label: plain(s) }))} />
            <NativeSelect {...text('material')} data={MATERIALS.map((m) => ({ value: m, label: plain(m) }))} />
          </div>
          <div className={classes.row}>
            <LengthInput {...tape('topMm')} />
            <LengthInput {...tape('baseMm')} />
            <LengthInput {...tape('heightMm')} />
          </div>
          {form.values.shape === 'TROUGH' && (
            <div className={classes.row}>
              <LengthInput {...tape('topDepthMm')} />
              <LengthInput {...tape('baseDepthMm')} />
            </div>
          )}
          {form.values.shape === 'URN' && <LengthInput {...tape('mouthMm', 'A ball wider than this never comes out whole')} />}
          <div className={classes.row}>
            <LengthInput {...tape('footMm')} />
            <MassInput {...tape('massG')} />
            <TextInput {...text('drainHoles')} inputMode="numeric" />
          </div>
          <div className={classes.row}>
            <TextInput {...text('feet')} inputMode="numeric" />
            <TextInput {...text('wireHoles')} inputMode="numeric" />
          </div>
        </fieldset>
        {stale && (
          <Conflict
            problem={stale.problem}
            labels={LABELS}
            keepMine={() => {
              settled();
              send(stale.problem.version ?? null);
            }}
            takeTheirs={() => saved('Kept as they have it.')}
          />
        )}
        <div className={classes.acts}>
          <Button type="submit" loading={save.isPending}>
            Save
          </Button>
          <Button variant="default" onClick={() => void navigate('/shelf')}>
            Leave without saving
          </Button>
          {item && (
            <Button variant="subtle" color="oxblood" loading={remove.isPending} onClick={() => remove.mutate({ id: id() })}>
              Take it off the shelf
            </Button>
          )}
        </div>
      </form>
    </>
  );
}
