import { Button, TextInput } from '@mantine/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, body, type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { notifyProblem } from '../../ui/notify';
import type { Level } from './choices';
import classes from './Method.module.css';

export interface ExamplePlant {
  id: string;
  commonName: string;
  label: string;
}

/** The plant that was asked about, or else the most pressing one: something is to be seen on it. */
export function useExample(plantId: string | null): { plant: ExamplePlant | null } {
  const asked = useQuery({ ...reads.plant(plantId ?? ''), enabled: plantId !== null });
  const pressing = useQuery({ ...reads.mostPressing(), enabled: plantId === null });
  return { plant: plantId === null ? (pressing.data?.plants[0] ?? null) : (asked.data?.plant ?? null) };
}

/** Any plant can be the example: by its label, or whatever it is found by. */
export function OtherExample({ shown, take }: { shown: ExamplePlant | null; take: (plant: string) => void }) {
  const [text, setText] = useState('');
  const find = useMutation({
    mutationFn: () => body(api.GET('/api/find', { params: { query: { text } } })),
    onSuccess: (found) => {
      const plant = found.find((f) => f.kind === 'PLANT');
      if (plant) {
        take(plant.id);
        setText('');
      }
    },
    onError: notifyProblem,
  });
  const nobody = find.data && !find.data.some((f) => f.kind === 'PLANT');
  return (
    <form
      className={classes.other}
      onSubmit={(e) => {
        e.preventDefault();
        if (text.trim()) find.mutate();
      }}
    >
      <span>
        What a choice changes is shown on {shown ? <b>{`${shown.commonName} ${shown.label}`}</b> : 'a plant'}.
      </span>
      <TextInput
        aria-label="Another plant as the example"
        placeholder="Another plant: label or name"
        value={text}
        error={nobody ? 'No plant is found by this.' : null}
        onChange={(e) => {
          setText(e.currentTarget.value);
          find.reset();
        }}
      />
      <Button type="submit" variant="default" loading={find.isPending}>
        Show it on this one
      </Button>
    </form>
  );
}

/** What one choice changes for one plant, before it is made. */
export function Example({
  plant,
  level,
  questionKey,
  choice,
  label,
}: {
  plant: ExamplePlant;
  level: Level;
  questionKey: string;
  choice: string;
  label: string;
}) {
  const effect = useQuery(reads.methodEffect({ plantId: plant.id, level, key: questionKey, choice }));
  if (!effect.data) return null;
  return (
    <div className={classes.example} role="status">
      <p>
        With “{label}”, {plant.commonName} <span className="measure">{plant.label}</span>
        {effect.data.differences.length === 0 ? ' is treated just the same.' : ':'}
      </p>
      {effect.data.differences.length > 0 && <Differences of={effect.data.differences} />}
    </div>
  );
}

export function Differences({ of }: { of: Schemas['Difference'][] }) {
  return (
    <table className={page.table}>
      <thead>
        <tr>
          <th scope="col" aria-label="What" />
          <th scope="col">Now</th>
          <th scope="col">Then</th>
        </tr>
      </thead>
      <tbody>
        {of.map((d) => (
          <tr key={d.what}>
            <th scope="row">{d.what}</th>
            <td>{d.before}</td>
            <td>
              <b>{d.after}</b>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
