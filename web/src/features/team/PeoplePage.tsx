import { Button, NativeSelect, Radio, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { newId, type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { faultsByField } from '../../api/problem';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { dayYear } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { ROLES, accountOf, roleName, type Role } from './roles';
import { useReader } from './session';
import classes from './People.module.css';

type Member = Schemas['Member'];

/** Who works here: asked in, given a role, let go. */
export function PeoplePage() {
  const { mayPlan } = useReader();
  const { data, error, refetch } = useQuery({ ...reads.people(), enabled: mayPlan });
  const [handed, setHanded] = useState<Schemas['HandedCode'] | null>(null);
  if (!mayPlan) return <p>Only a planner sees to people.</p>;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return (
    <>
      <title>People · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>People</h1>
          <p>Who comes in, and what they may do. What somebody did stays on record after they have gone.</p>
        </div>
      </div>
      {handed && <Handed code={handed} close={() => setHanded(null)} />}
      <div className={classes.bench}>
        <ul className={classes.people} aria-label="People of the team">
          {data.map((p) => (
            <Person key={p.id} person={p} hand={setHanded} />
          ))}
        </ul>
        <div>
          <AskIn people={data} hand={setHanded} />
          <section className={classes.roles} aria-labelledby="roles">
            <h2 id="roles">What each may do</h2>
            <dl>
              {ROLES.map((r) => (
                <div key={r.role}>
                  <dt>{r.name}</dt>
                  <dd>{r.may}</dd>
                </div>
              ))}
            </dl>
          </section>
        </div>
      </div>
    </>
  );
}

/** A code is shown once; whoever closes it makes a new one when it is needed. */
function Handed({ code, close }: { code: Schemas['HandedCode']; close: () => void }) {
  return (
    <section className={classes.handed} role="status" aria-labelledby="handed">
      <h2 id="handed">Hand this over</h2>
      <dl>
        <div>
          <dt>Account</dt>
          <dd>{code.account}</dd>
        </div>
        <div>
          <dt>Code</dt>
          <dd className={classes.code}>{code.code}</dd>
        </div>
      </dl>
      <p>
        On the sign-in page, under “I was handed a code”, it lets them in once and they choose their own password. It holds until{' '}
        {dayYear(code.until)} and is not shown again.
      </p>
      <Button variant="default" onClick={close}>
        Handed over
      </Button>
    </section>
  );
}

function state(p: Member): string {
  if (p.endedAt) return `access ended on ${dayYear(p.endedAt)}`;
  if (p.access === 'ASKED_IN') return p.codeUntil ? `has a code until ${dayYear(p.codeUntil)}, not come in yet` : 'has no code yet';
  return p.me ? 'you' : 'comes in';
}

function Person({ person, hand }: { person: Member; hand: (code: Schemas['HandedCode']) => void }) {
  const save = useWrite(writes.savePerson, { done: () => void notifyDone(`${person.name}: changed.`) });
  const code = useWrite(writes.makeCode, { done: hand });
  const access = useWrite(writes.setAccess, {
    done: (_, { ended }) => void notifyDone(ended ? `${person.name} does not come in any more.` : `${person.name} comes in again.`),
  });
  const [sure, setSure] = useState(false);
  const ended = person.endedAt !== null;
  return (
    <li className={classes.person} data-ended={ended}>
      <div className={classes.who}>
        <strong>{person.name}</strong>
        <span>
          <span className="measure">{person.account}</span> · {state(person)}
        </span>
      </div>
      {ended ? (
        <span className={classes.was}>was {roleName(person.role).toLowerCase()}</span>
      ) : (
        <NativeSelect
          aria-label={`Role of ${person.name}`}
          value={person.role}
          disabled={save.isPending}
          data={ROLES.map((r) => ({ value: r.role, label: r.name }))}
          onChange={(e) =>
            save.mutate({ id: person.id, request: { account: person.account, name: person.name, role: e.currentTarget.value as Role } })
          }
        />
      )}
      <div className={classes.acts}>
        {!ended && !person.me && (
          <Button variant="default" size="sm" loading={code.isPending} onClick={() => code.mutate({ id: person.id })}>
            {person.access === 'ASKED_IN' ? 'New code' : 'Code for a new password'}
          </Button>
        )}
        {ended ? (
          <Button variant="default" size="sm" loading={access.isPending} onClick={() => access.mutate({ id: person.id, ended: false })}>
            Give access again
          </Button>
        ) : (
          !person.me && (
            <Button
              variant="subtle"
              color="oxblood"
              size="sm"
              loading={access.isPending}
              onBlur={() => setSure(false)}
              onClick={() => (sure ? access.mutate({ id: person.id, ended: true }) : setSure(true))}
            >
              {sure ? 'End it now, everywhere' : 'End access'}
            </Button>
          )
        )}
      </div>
    </li>
  );
}

function AskIn({ people, hand }: { people: Member[]; hand: (code: Schemas['HandedCode']) => void }) {
  const [id, setId] = useState(newId);
  const taken = people.map((p) => p.account);
  const form = useForm({
    initialValues: { name: '', account: '', role: 'TECHNICIAN' as Role },
    validate: {
      name: (name) => (name.trim() === '' ? 'Give the name.' : null),
      account: (account) => (/^[a-z0-9._-]{2,60}$/.test(account) ? null : 'Small letters, digits, dot and dash, 2 to 60 of them.'),
    },
  });
  const code = useWrite(writes.makeCode, { done: hand });
  const add = useWrite(writes.savePerson, {
    done: (_, sent) => {
      code.mutate({ id: sent.id });
      form.reset();
      setId(newId());
    },
    failed: (e) => {
      form.setErrors(faultsByField(e));
      return atItsField(e);
    },
  });
  return (
    <form
      className={classes.askIn}
      noValidate
      onSubmit={form.onSubmit(({ name, account, role }) => add.mutate({ id, request: { account, name: name.trim(), role } }))}
    >
      <h2>Ask somebody in</h2>
      <TextInput
        label="Name"
        autoComplete="off"
        {...form.getInputProps('name')}
        onChange={(e) => {
          const name = e.currentTarget.value;
          const own = form.values.account !== accountOf(form.values.name, taken);
          form.setValues(own ? { name } : { name, account: accountOf(name, taken) });
        }}
      />
      <TextInput label="Account" description="To sign in with; it stays." autoComplete="off" autoCapitalize="none" {...form.getInputProps('account')} />
      <Radio.Group label="Role" {...form.getInputProps('role')}>
        <div className={classes.radios}>
          {ROLES.map((r) => (
            <Radio key={r.role} value={r.role} label={r.name} />
          ))}
        </div>
      </Radio.Group>
      <Button type="submit" loading={add.isPending || code.isPending}>
        Make a code for them
      </Button>
    </form>
  );
}
