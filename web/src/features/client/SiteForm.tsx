import { Button, Checkbox, NativeSelect, NumberInput, Textarea, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useState } from 'react';
import { newId, type Schemas } from '../../api/client';
import { writes } from '../../api/writes';
import { DateField, TimeField } from '../../ui/DateField';
import { useReader } from '../team/session';
import { degreesFault, readDegrees } from './degrees';
import { usePlaceWrite } from './usePlaceWrite';
import { daysOf, hourFault, planOf, type DayForm } from './visits';
import { passingWords, WEEKDAYS } from './words';
import classes from './Places.module.css';

const USES = ['PRIVATE', 'PUBLIC', 'CHILDREN'] as const;

/** Of "days.3.opens": whether that day is one of the visits. */
const isOn = (days: DayForm[], path: string): boolean => days[Number(path.split('.')[1])]?.on === true;

const FLOORS = ['GROUND', 'LIFT', 'STAIRS'] as const;
const FLOOR_WORDS = { GROUND: 'on the ground', LIFT: 'a lift', STAIRS: 'stairs only' };

interface DayRowsProps {
  what: 'visits' | 'work';
  rows: DayForm[];
  field: 'days' | 'workDays';
  form: { getInputProps: (path: string, options?: { type: 'checkbox' }) => object; setFieldValue: (path: string, value: string) => void };
  fault: (i: number, field: string) => string | undefined;
}

/** The seven days, each with its hours where it is one. */
function DayRows({ what, rows, field, form, fault }: DayRowsProps) {
  const said = what === 'work' ? ', for work' : '';
  return (
    <ul className={classes.days}>
      {rows.map((d, i) => (
        <li key={WEEKDAYS[i]}>
          <Checkbox label={what === 'work' ? `${WEEKDAYS[i] ?? ''}${said}` : WEEKDAYS[i]} {...form.getInputProps(`${field}.${i}.on`, { type: 'checkbox' })} error={fault(i, 'weekday')} />
          {d.on && (
            <>
              <TimeField bare label={`${WEEKDAYS[i] ?? ''}${said}, opens`} value={d.opens} error={fault(i, 'opens')} change={(at) => form.setFieldValue(`${field}.${i}.opens`, at)} />
              <span>to</span>
              <TimeField bare label={`${WEEKDAYS[i] ?? ''}${said}, closes`} value={d.closes} error={fault(i, 'closes')} change={(at) => form.setFieldValue(`${field}.${i}.closes`, at)} />
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Where a site lies, who comes past, when it is visited and how one gets in. */
export function SiteForm({ clientId, site, close }: { clientId: string; site: Schemas['SiteItem'] | undefined; close: () => void }) {
  const { today } = useReader();
  const [id] = useState(() => site?.id ?? newId());
  const form = useForm({
    initialValues: {
      name: site?.name ?? '',
      latitude: String(site?.latitude ?? ''),
      longitude: String(site?.longitude ?? ''),
      outdoors: site?.outdoors ?? false,
      use: (site?.siteUse ?? 'PUBLIC') as (typeof USES)[number],
      accessNote: site?.accessNote ?? '',
      everyWeeks: site?.visits.everyWeeks ?? 1,
      from: site?.visits.from ?? today,
      days: daysOf(site?.visits),
      floors: (site?.access.floors ?? 'GROUND') as (typeof FLOORS)[number],
      parkingMinutes: (site?.access.parkingMinutes ?? 5) as number | string,
      ownDays: (site?.access.days.length ?? 0) > 0,
      workDays: daysOf({ everyWeeks: 1, from: '2024-01-01', days: site?.access.days ?? [] }),
    },
    validate: {
      latitude: (text) => degreesFault(text, 90),
      longitude: (text) => degreesFault(text, 180),
      days: {
        opens: (text, { days }, path) => (isOn(days, path) ? hourFault(text) : null),
        closes: (text, { days }, path) => (isOn(days, path) ? hourFault(text) : null),
      },
      from: (text) => (text === '' ? 'Give the day from which on.' : null),
      parkingMinutes: (n) => (typeof n === 'number' ? null : 'Give a number of minutes, 0 for none.'),
      workDays: {
        opens: (text, { workDays, ownDays }, path) => (ownDays && isOn(workDays, path) ? hourFault(text) : null),
        closes: (text, { workDays, ownDays }, path) => (ownDays && isOn(workDays, path) ? hourFault(text) : null),
      },
    },
  });
  const { save, faults } = usePlaceWrite(writes.saveSite, close);
  const { plan, rows } = planOf(form.values.everyWeeks, form.values.from, form.values.days);
  const work = planOf(1, '2024-01-01', form.values.workDays);
  const ofWork = (i: number, field: string) => (form.errors[`workDays.${i}.${field}`] as string | undefined) ?? faults[`access.days[${work.rows.indexOf(i)}].${field}`];
  const fault = (key: string) => (form.errors[key] as string | undefined) ?? faults[key];
  const ofDay = (i: number, field: string) => (form.errors[`days.${i}.${field}`] as string | undefined) ?? faults[`visits.days[${rows.indexOf(i)}].${field}`];
  return (
    <form
      className={classes.form}
      noValidate
      onSubmit={form.onSubmit(({ name, outdoors, use, accessNote, latitude, longitude, floors, parkingMinutes, ownDays }) =>
        save.mutate({
          id,
          version: site?.version ?? null,
          request: { clientId, name, outdoors, use, accessNote, latitude: readDegrees(latitude), longitude: readDegrees(longitude), visits: plan, access: { floors, parkingMinutes: Number(parkingMinutes), days: ownDays ? work.plan.days : [] } },
        }),
      )}
    >
      <TextInput label="Name" data-autofocus {...form.getInputProps('name')} error={fault('name')} />
      <div className={classes.pair}>
        <TextInput
          label="Latitude"
          description="Day length, and so the seasons, follow it"
          inputMode="decimal"
          {...form.getInputProps('latitude')}
          error={fault('latitude')}
        />
        <TextInput label="Longitude" description="For the way between sites" inputMode="decimal" {...form.getInputProps('longitude')} error={fault('longitude')} />
      </div>
      <NativeSelect label="Who comes past" data={USES.map((u) => ({ value: u, label: passingWords(u) }))} {...form.getInputProps('use')} />
      <fieldset className={classes.visits}>
        <legend>Visits</legend>
        <div className={classes.pair}>
          <NumberInput
            label="Every how many weeks"
            min={1}
            max={26}
            clampBehavior="strict"
            value={form.values.everyWeeks}
            error={faults['visits.everyWeeks']}
            onChange={(n) => form.setFieldValue('everyWeeks', typeof n === 'number' ? n : 1)}
          />
          <DateField
            label="From the week of"
            value={form.values.from}
            error={fault('from') ?? faults['visits.from']}
            required
            change={(from) => form.setFieldValue('from', from)}
          />
        </div>
        <DayRows what="visits" rows={form.values.days} field="days" form={form} fault={ofDay} />
        {rows.length === 0 && <p>On no day: it comes onto the round only when a job is planned there.</p>}
      </fieldset>
      <fieldset className={classes.visits}>
        <legend>Work on the plants</legend>
        <div className={classes.pair}>
          <NativeSelect label="Up to the plants" data={FLOORS.map((f) => ({ value: f, label: FLOOR_WORDS[f] }))} {...form.getInputProps('floors')} />
          <NumberInput label="Minutes to leave the van" min={0} max={120} {...form.getInputProps('parkingMinutes')} error={fault('parkingMinutes') ?? faults['access.parkingMinutes']} />
        </div>
        <Checkbox label="One gets in for work on other days than for visits" {...form.getInputProps('ownDays', { type: 'checkbox' })} />
        {form.values.ownDays && <DayRows what="work" rows={form.values.workDays} field="workDays" form={form} fault={ofWork} />}
        {(form.values.ownDays ? work.rows.length === 0 : rows.length === 0) && <p>On no day: no job of this site can be planned.</p>}
      </fieldset>
      <Checkbox label="Plants stand outdoors" {...form.getInputProps('outdoors', { type: 'checkbox' })} />
      <Textarea
        label="Access"
        description="Keys, water, what is not allowed there"
        size="md"
        autosize
        minRows={2}
        {...form.getInputProps('accessNote')}
        error={fault('accessNote')}
      />
      <div>
        <Button type="submit" loading={save.isPending}>
          Save
        </Button>
      </div>
    </form>
  );
}
