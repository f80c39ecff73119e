import { Button, NativeSelect, Radio, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useVersionedWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Conflict } from '../../ui/Conflict';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import { useReader } from './session';
import { CURRENCIES, WEEKDAYS, formOf, readSettings, type SettingsForm } from './settings';
import classes from './TeamPage.module.css';

const LABELS: Record<string, string> = {
  name: 'Name', zone: 'Time zone', currency: 'Currency', paper: 'Paper', units: 'Units', weekStarts: 'Week begins', workshopLatitude: 'Latitude',
  workshopLongitude: 'Longitude', workHour: 'An hour of work', mixLitre: 'A litre of mix', workLeast: 'Least for the work on a plant', workHourCents: 'An hour of work', mixLitreCents: 'A litre of mix', workLeastCents: 'Least for the work on a plant', measures: 'Measures',
};

/** What the team settles once for everybody. */
export function TeamPage() {
  const { mayPlan } = useReader();
  const { data, error, refetch } = useQuery({ ...reads.team(), enabled: mayPlan });
  if (!mayPlan) return <p>Only a planner changes the settings of the team.</p>;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return <Settings key={data.version} data={data} reload={() => void refetch()} />;
}

function Settings({ data, reload }: { data: Schemas['SettingsView']; reload: () => void }) {
  const form = useForm<SettingsForm>({ initialValues: formOf(data) });
  const { save, stale, settled, faults } = useVersionedWrite(writes.saveTeam, {
    done: () => {
      settled();
      notifyDone('Saved for the whole team.');
    },
  });
  const send = (version: number) => {
    const { request, wrong } = readSettings(form.values);
    form.setErrors(wrong);
    if (request) save.mutate({ version, request });
  };
  const field = (key: keyof SettingsForm & string, description?: string) => {
    const props = form.getInputProps(key);
    return { label: LABELS[key] ?? key, description, ...props, error: (props.error as string | undefined) ?? faults[key] };
  };
  return (
    <>
      <title>Team · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Team</h1>
          <p>Settled once, for everybody who works here.</p>
        </div>
      </div>
      <form
        className={classes.parts}
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          send(data.version);
        }}
      >
        <fieldset>
          <legend>The team</legend>
          <TextInput {...field('name', 'Stands on the sign-in page and on what is printed.')} />
          <NativeSelect {...field('zone', 'Today, due dates and hours are counted in it.')} data={data.zones.includes(data.zone) ? data.zones : [data.zone, ...data.zones]} />
          <NativeSelect {...field('weekStarts', 'Jobs are listed by such weeks.')} data={WEEKDAYS.map((d, i) => ({ value: String(i + 1), label: d }))} />
        </fieldset>
        <fieldset>
          <legend>Paper, money, units</legend>
          <Radio.Group {...field('paper', 'Bench sheets and cards are laid out for it.')}>
            <div className={classes.radios}>
              <Radio value="A4" label="A4" />
              <Radio value="LETTER" label="Letter" />
            </div>
          </Radio.Group>
          <TextInput {...field('currency', 'Stands with every price of the shelf.')} list="currencies" maxLength={3} />
          <datalist id="currencies">
            {CURRENCIES.map((c) => (
              <option key={c} value={c} />
            ))}
          </datalist>
          <Radio.Group {...field('units', 'What somebody who comes new begins with; each changes their own.')}>
            <div className={classes.radios}>
              <Radio value="METRIC" label="Centimetres and litres" />
              <Radio value="IMPERIAL" label="Inches and quarts" />
            </div>
          </Radio.Group>
        </fieldset>
        <fieldset>
          <legend>The workshop</legend>
          <p>Where the day of a crew begins and ends: the way to each site is reckoned from it. Left empty, the middle of all sites stands for it.</p>
          <div className={classes.pair}>
            <TextInput {...field('workshopLatitude')} inputMode="decimal" placeholder="44.02" />
            <TextInput {...field('workshopLongitude')} inputMode="decimal" placeholder="8.21" />
          </div>
        </fieldset>
        <fieldset>
          <legend>What customers pay</legend>
          <p>The counter says the price of a repot by it; pots have theirs on the shelf. In {form.values.currency || 'the currency of the team'}.</p>
          <div className={classes.pair}>
            <TextInput {...field('workHour')} inputMode="decimal" placeholder="42.00" />
            <TextInput {...field('mixLitre')} inputMode="decimal" placeholder="1.80" />
            <TextInput {...field('workLeast')} inputMode="decimal" placeholder="9.00" />
          </div>
        </fieldset>
        <fieldset>
          <legend>What people lift</legend>
          <p>
            Above it a job asks for a second person or leaves the plant where it stands. It is chosen under <Link to="/method">Method</Link>, for the team or for one client.
          </p>
        </fieldset>
        <fieldset>
          <legend>What caretakers pour with</legend>
          <p>Cards say amounts in the one that suits beside the litres: “one can and a half”.</p>
          {form.values.measures.map((m, i) => (
            <div key={m.key} className={classes.measure}>
              <TextInput aria-label={`Name of measure ${i + 1}`} {...form.getInputProps(`measures.${i}.name`)} error={form.errors[`measures.${i}.name`] ?? faults[`measures[${i}].name`]} />
              <TextInput
                aria-label={`Litres of measure ${i + 1}`}
                inputMode="decimal"
                rightSection="L"
                {...form.getInputProps(`measures.${i}.litres`)}
                error={form.errors[`measures.${i}.litres`] ?? faults[`measures[${i}].litres`]}
              />
              <Button variant="subtle" onClick={() => form.removeListItem('measures', i)} aria-label={`Take ${m.name || 'this measure'} away`}>
                Take away
              </Button>
            </div>
          ))}
          {form.values.measures.length < 8 && (
            <Button variant="default" onClick={() => form.insertListItem('measures', { key: Math.random(), name: '', litres: '' })}>
              Another measure
            </Button>
          )}
        </fieldset>
        {stale && (
          <Conflict
            problem={stale.problem}
            labels={LABELS}
            keepMine={() => {
              settled();
              send(stale.problem.version ?? data.version);
            }}
            takeTheirs={() => {
              settled();
              reload();
            }}
          />
        )}
        <div className={classes.acts}>
          <Button type="submit" loading={save.isPending}>
            Save
          </Button>
        </div>
      </form>
    </>
  );
}
