import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { DateField } from '../../ui/DateField';
import { addDays } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { kindWords } from './load';
import classes from './Season.module.css';

const KINDS = ['REPOT', 'SLIP_CHECK', 'FOLLOW_UP', 'WATER_IN', 'TOP_UP', 'TREATMENT'] as const;

/** A job that nothing but a person asks for: "they want them all done before the opening". */
export function AddByHand({ close }: { close: () => void }) {
  const { today } = useReader();
  const [id] = useState(newId);
  const [text, setText] = useState('');
  const [plant, setPlant] = useState<{ id: string; title: string } | null>(null);
  const [kind, setKind] = useState<(typeof KINDS)[number]>('FOLLOW_UP');
  const [from, setFrom] = useState(today);
  const [to, setTo] = useState(addDays(today, 14));
  const [minutes, setMinutes] = useState<number | string>(15);
  const [people, setPeople] = useState('1');
  const [why, setWhy] = useState('');
  const { data } = useQuery({ ...reads.find(text), enabled: text.trim().length > 1 && !plant });
  const add = useWrite(writes.addSeasonJob, {
    done: () => {
      notifyDone('Added to the season.');
      close();
    },
    failed: (e) => atItsField(e),
  });
  const faults = faultsByField(add.error);
  const missing =
    (!plant && 'Choose the plant.') || (!from || !to ? 'Give both days.' : to < from && 'It ends before it begins.') || (typeof minutes !== 'number' && 'Give the minutes.') || (why.trim() === '' && 'Say why.');
  return (
    <form
      className={classes.whatIf}
      onSubmit={(e) => {
        e.preventDefault();
        if (plant) {
          add.mutate({ id, request: { plantId: plant.id, kind, fromOn: from, toOn: to, minutes: Number(minutes), people: Number(people), why: why.trim() } });
        }
      }}
    >
      <h3>A job by hand</h3>
      {plant ? (
        <p>
          {plant.title}{' '}
          <Button variant="subtle" size="sm" onClick={() => setPlant(null)}>
            Another
          </Button>
        </p>
      ) : (
        <>
          <TextInput label="Plant" description="By its label, its name or its place" value={text} error={faults.plantId} onChange={(e) => setText(e.currentTarget.value)} />
          <ul className={classes.options}>
            {data?.filter((f) => f.kind === 'PLANT').slice(0, 6).map((f) => (
              <li key={f.id}>
                <span>
                  <strong>{f.title}</strong>
                  <small>{f.detail}</small>
                </span>
                <Button size="sm" variant="default" onClick={() => setPlant({ id: f.id, title: f.title })}>
                  This one
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
      <NativeSelect
        label="What"
        value={kind}
        data={KINDS.map((k) => ({ value: k, label: kindWords({ kind: k, place: 'SITE' }) }))}
        onChange={(e) => setKind(e.currentTarget.value as typeof kind)}
      />
      <DateField label="Not before" value={from} change={setFrom} error={faults.fromOn} />
      <DateField label="Not after" value={to} change={setTo} error={faults.toOn} />
      <NumberInput label="Minutes" min={1} max={480} value={minutes} onChange={setMinutes} error={faults.minutes} />
      <NativeSelect label="People" value={people} data={[{ value: '1', label: 'one' }, { value: '2', label: 'two' }]} onChange={(e) => setPeople(e.currentTarget.value)} />
      <TextInput label="Why" description="For whoever does it" value={why} maxLength={400} error={faults.why} onChange={(e) => setWhy(e.currentTarget.value)} />
      <div className={classes.row}>
        <Act type="submit" missing={missing} loading={add.isPending}>
          Add it
        </Act>
        <Button variant="subtle" onClick={close}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
