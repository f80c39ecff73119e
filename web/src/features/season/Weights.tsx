import { Button, NumberInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import type { Schemas } from '../../api/client';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { faultsByField } from '../../api/problem';
import { notifyDone } from '../../ui/notify';
import classes from './Crews.module.css';

type All = Schemas['Weights'];

const WORDS: { key: keyof All; words: string }[] = [
  { key: 'late', words: 'A day past the best day' },
  { key: 'lateSoon', words: 'the same of what is due within weeks' },
  { key: 'lateNow', words: 'the same of what is urgent' },
  { key: 'early', words: 'A day before the best day' },
  { key: 'uneven', words: 'An hour that one crew works more than another' },
  { key: 'moved', words: 'Moving a job that has its day, in a gentle plan' },
];

/** What weighs how much in a plan, against minutes of driving. */
export function Weights({ weights }: { weights: All }) {
  const form = useForm<Record<keyof All, number | string>>({ initialValues: weights });
  const save = useWrite(writes.saveWeights, {
    done: () => notifyDone('The next plan weighs so.'),
    failed: (e) => {
      form.setErrors(faultsByField(e));
      return atItsField(e);
    },
  });
  const { late, lateNow } = form.values;
  const trips = typeof lateNow === 'number' ? Math.round(lateNow / 20) : 0;
  return (
    <form
      className={classes.weights}
      noValidate
      onSubmit={form.onSubmit((v) => {
        const wrong = Object.fromEntries(WORDS.filter(({ key }) => typeof v[key] !== 'number').map(({ key }) => [key, '0 to 1000 minutes.']));
        form.setErrors(wrong);
        if (Object.keys(wrong).length === 0) save.mutate(v as All);
      })}
    >
      <h2>What weighs how much</h2>
      <p>Each as much as so many minutes of driving. What must hold, hours, access, skills and the van, is never weighed.</p>
      {WORDS.map(({ key, words }) => (
        <NumberInput key={key} label={words} min={0} max={1000} suffix=" min" {...form.getInputProps(key)} />
      ))}
      <p className="soft">
        {typeof late === 'number' && trips > 0 && `So a day late of an urgent one weighs as much as ${trips === 1 ? 'a trip' : `${trips} extra trips`} of twenty minutes.`} To leave a job out weighs more than
        all of these.
      </p>
      <Button type="submit" variant="default" loading={save.isPending}>
        Save the weights
      </Button>
    </form>
  );
}
