import { Button, Checkbox, NumberInput, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { newId, type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { Conflict } from '../../ui/Conflict';
import { DateField, TimeField } from '../../ui/DateField';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { clockTime, dayYear, fromTo } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { WEEKDAYS } from '../client/words';
import { useReader } from '../team/session';
import { Feeds } from './Feeds';
import { Weights } from './Weights';
import { formOf, readCrew } from './crewForm';
import { SKILL_CODES, hoursWords, skillWords } from './load';
import classes from './Crews.module.css';

type Crew = Schemas['CrewView'];

/** Who goes out together, when, with which van; who is away; and what weighs how much in a plan. */
export function CrewsPage() {
  const { mayPlan } = useReader();
  const { data, error, refetch } = useQuery(reads.crews());
  const season = useQuery(reads.season());
  const [editing, setEditing] = useState<string | null>(null);
  if (!mayPlan) return <p>Only a planner sets up crews.</p>;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return (
    <>
      <title>Crews · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Crews</h1>
          <p>One or two people with a van. The hours are those for jobs; the usual visits have their own.</p>
        </div>
        <div className={page.tools}>
          <Button component={Link} to="/season" variant="default">
            Season
          </Button>
          <Button onClick={() => setEditing('new')}>Another crew</Button>
        </div>
      </div>
      <div className={classes.bench}>
        <div>
          {data.length === 0 && editing === null && <p>Nobody goes out yet. Begin with whoever has a van.</p>}
          {editing === 'new' && <Form crew={null} close={() => setEditing(null)} />}
          {data.map((c) => (editing === c.id ? <Form key={c.id} crew={c} close={() => setEditing(null)} /> : <Shown key={c.id} crew={c} edit={() => setEditing(c.id)} />))}
          <Feeds />
        </div>
        {season.data && <Weights key={JSON.stringify(season.data.weights)} weights={season.data.weights} />}
      </div>
    </>
  );
}

function Shown({ crew, edit }: { crew: Crew; edit: () => void }) {
  return (
    <section className={classes.crew} aria-labelledby={`crew-${crew.id}`}>
      <header>
        <h2 id={`crew-${crew.id}`}>{crew.name}</h2>
        <Button variant="default" size="sm" onClick={edit}>
          Change
        </Button>
      </header>
      <p className={classes.people}>{crew.people.map((p) => p.name).join(' and ')}</p>
      {crew.missing && <p className={classes.missing}>{crew.missing}</p>}
      {crew.endedOn && <p className={classes.missing}>Goes out no more from {dayYear(crew.endedOn)} on.</p>}
      <ul className={classes.hours}>
        {crew.hours.map((h) => (
          <li key={h.weekday}>
            {WEEKDAYS[h.weekday - 1]}{' '}
            <span className="measure">
              {clockTime(h.begins)} to {clockTime(h.ends)}
            </span>
          </li>
        ))}
      </ul>
      <p className="soft">
        {hoursWords(crew.minutesWeek * crew.people.length)} of people a week; the van takes {crew.vanLitres} L and {crew.vanKg} kg
        {crew.skills.length > 0 && `; ${crew.skills.map(skillWords).join(', ').toLowerCase()}`}.
      </p>
      <Absences crew={crew} />
    </section>
  );
}

function Absences({ crew }: { crew: Crew }) {
  const { today } = useReader();
  const [adding, setAdding] = useState<string | null>(null);
  const [from, setFrom] = useState(today);
  const [to, setTo] = useState(today);
  const [person, setPerson] = useState(crew.people[0]?.id ?? '');
  const [reason, setReason] = useState('');
  const save = useWrite(writes.saveAbsence, { done: () => setAdding(null) });
  const end = useWrite(writes.endAbsence, { done: () => notifyDone('Taken back.') });
  return (
    <div className={classes.absences}>
      <ul>
        {crew.absences.map((a) => (
          <li key={a.id}>
            {crew.people.find((p) => p.id === a.personId)?.name} is away {fromTo(dayYear(a.fromOn), dayYear(a.toOn))}
            {a.reason && `: ${a.reason}`}
            <Button variant="subtle" size="sm" onClick={() => end.mutate({ id: a.id })}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
      {adding ? (
        <form
          className={classes.absence}
          onSubmit={(e) => {
            e.preventDefault();
            save.mutate({ id: adding, request: { personId: person, fromOn: from, toOn: to, reason: reason.trim() } });
          }}
        >
          {crew.people.length > 1 && (
            <div role="radiogroup" aria-label="Who is away" className={classes.who}>
              {crew.people.map((p) => (
                <label key={p.id}>
                  <input type="radio" name={`who-${crew.id}`} checked={person === p.id} onChange={() => setPerson(p.id)} /> {p.name}
                </label>
              ))}
            </div>
          )}
          <DateField label="First day" value={from} change={setFrom} />
          <DateField label="Last day" value={to} change={setTo} />
          <TextInput label="Reason" description="May be left empty" value={reason} maxLength={200} onChange={(e) => setReason(e.currentTarget.value)} />
          <div className={classes.acts}>
            <Act type="submit" missing={!from || !to ? 'Give both days.' : to < from && 'It ends before it begins.'} loading={save.isPending}>
              Save
            </Act>
            <Button variant="subtle" onClick={() => setAdding(null)}>
              Leave it
            </Button>
          </div>
        </form>
      ) : (
        <Button variant="subtle" size="sm" onClick={() => setAdding(newId())}>
          Somebody is away
        </Button>
      )}
    </div>
  );
}

function Form({ crew, close }: { crew: Crew | null; close: () => void }) {
  const [id] = useState(() => crew?.id ?? newId());
  const form = useForm({ initialValues: formOf(crew) });
  const { save, stale, settled, faults } = useVersionedWrite(writes.saveCrew, {
    done: () => {
      settled();
      close();
    },
  });
  const { rows } = readCrew(form.values);
  const send = (version: number | null) => {
    const { wrong, request } = readCrew(form.values);
    form.setErrors(wrong);
    if (request) save.mutate({ id, version, request });
  };
  const ofDay = (i: number, field: 'begins' | 'ends') => (form.errors[`days.${i}.${field}`] as string | undefined) ?? faults[`hours[${rows.indexOf(i)}].${field}`];
  return (
    <form
      className={classes.form}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        send(crew?.version ?? null);
      }}
    >
      <h2>{crew ? crew.name : 'Another crew'}</h2>
      <TextInput label="Name" {...form.getInputProps('name')} error={form.errors.name ?? faults.name} />
      {form.values.people.map((p, i) => (
        <div key={p.id} className={classes.person}>
          <TextInput label={i === 0 ? 'Who' : 'and who'} {...form.getInputProps(`people.${i}.name`)} error={form.errors[`people.${i}.name`] ?? faults[`people[${i}].name`]} />
          {form.values.people.length > 1 && (
            <Button variant="subtle" onClick={() => form.removeListItem('people', i)} aria-label={`Take ${p.name || 'this person'} out`}>
              Take out
            </Button>
          )}
        </div>
      ))}
      {faults.people && <p className={classes.missing}>{faults.people}</p>}
      {form.values.people.length < 2 && (
        <div>
          <Button variant="default" size="sm" onClick={() => form.insertListItem('people', { id: newId(), name: '', userId: null })}>
            A second person
          </Button>
        </div>
      )}
      <fieldset>
        <legend>Days and hours for jobs</legend>
        <ul className={classes.days}>
          {form.values.days.map((d, i) => (
            <li key={WEEKDAYS[i]}>
              <Checkbox label={WEEKDAYS[i]} {...form.getInputProps(`days.${i}.on`, { type: 'checkbox' })} />
              {d.on && (
                <>
                  <TimeField bare label={`${WEEKDAYS[i]}, begins`} value={d.begins} error={ofDay(i, 'begins')} change={(at) => form.setFieldValue(`days.${i}.begins`, at)} />
                  <span>to</span>
                  <TimeField bare label={`${WEEKDAYS[i]}, ends`} value={d.ends} error={ofDay(i, 'ends')} change={(at) => form.setFieldValue(`days.${i}.ends`, at)} />
                </>
              )}
            </li>
          ))}
        </ul>
        {rows.length === 0 && <p className={classes.missing}>Without hours nothing can be planned for it.</p>}
      </fieldset>
      <fieldset>
        <legend>Has learned</legend>
        {SKILL_CODES.map((s) => (
          <Checkbox key={s} label={skillWords(s)} {...form.getInputProps(`skills.${s}`, { type: 'checkbox' })} />
        ))}
      </fieldset>
      <div className={classes.pair}>
        <NumberInput label="The van takes, L" min={0} {...form.getInputProps('vanLitres')} error={form.errors.vanLitres ?? faults.vanLitres} />
        <NumberInput label="It carries, kg" min={0} {...form.getInputProps('vanKg')} error={form.errors.vanKg ?? faults.vanKg} />
      </div>
      {crew && <DateField label="Goes out no more from" description="Empty while it goes on" value={form.values.endedOn} change={(day) => form.setFieldValue('endedOn', day)} />}
      {stale && (
        <Conflict
          problem={stale.problem}
          labels={{ name: 'Name' }}
          keepMine={() => {
            settled();
            send(stale.problem.version ?? null);
          }}
          takeTheirs={close}
        />
      )}
      <div className={classes.acts}>
        <Button type="submit" loading={save.isPending}>
          Save
        </Button>
        <Button variant="subtle" onClick={close}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
