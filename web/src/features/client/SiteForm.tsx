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
    },
    validate: {
      latitude: (text) => degreesFault(text, 90),
      longitude: (text) => degreesFault(text, 180),
      days: {
        opens: (text, { days }, path) => (isOn(days, path) ? hourFault(text) : null),
        closes: (text, { days }, path) => (isOn(days, path) ? hourFault(text) : null),
      },
      from: (text) => (text === '' ? 'Give the day from which on.' : null),
    },
  });
  const { save, faults } = usePlaceWrite(writes.saveSite, close);
  const { plan, rows } = planOf(form.values.everyWeeks, form.values.from, form.values.days);
  const fault = (key: string) => (form.errors[key] as string | undefined) ?? faults[key];
  const ofDay = (i: number, field: string) => (form.errors[`days.${i}.${field}`] as string | undefined) ?? faults[`visits.days[${rows.indexOf(i)}].${field}`];
  return (
    <form
      className={classes.form}
      noValidate
      onSubmit={form.onSubmit(({ name, outdoors, use, accessNote, latitude, longitude }) =>
        save.mutate({
          id,
          version: site?.version ?? null,
          request: { clientId, name, outdoors, use, accessNote, latitude: readDegrees(latitude), longitude: readDegrees(longitude), visits: plan },
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
        <ul className={classes.days}>
          {form.values.days.map((d, i) => (
            <li key={WEEKDAYS[i]}>
              <Checkbox label={WEEKDAYS[i]} {...form.getInputProps(`days.${i}.on`, { type: 'checkbox' })} error={ofDay(i, 'weekday')} />
              {d.on && (
                <>
                  <TimeField bare label={`${WEEKDAYS[i]}, opens`} value={d.opens} error={ofDay(i, 'opens')} change={(at) => form.setFieldValue(`days.${i}.opens`, at)} />
                  <span>to</span>
                  <TimeField bare label={`${WEEKDAYS[i]}, closes`} value={d.closes} error={ofDay(i, 'closes')} change={(at) => form.setFieldValue(`days.${i}.closes`, at)} />
                </>
              )}
            </li>
          ))}
        </ul>
        {rows.length === 0 && <p>On no day: it comes onto the round only when a job is planned there.</p>}
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
