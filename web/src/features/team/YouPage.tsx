import { Button, PasswordInput, Radio } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useQuery } from '@tanstack/react-query';
import { reads } from '../../api/reads';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { faultsByField } from '../../api/problem';
import page from '../../ui/Page.module.css';
import { moment } from '../../ui/format';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { ROLES } from './roles';
import { useSession, useUnits } from './session';
import classes from './You.module.css';

const DEVICES = { PHONE: 'A phone', TABLET: 'A tablet', COMPUTER: 'A computer' };

/** One's own account: units, password, where one is signed in. */
export function YouPage() {
  const { data } = useSession();
  const units = useUnits();
  const me = data?.user;
  if (!me) return null;
  return (
    <>
      <title>You · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>{me.name}</h1>
          <p>
            Account <span className="measure">{me.account}</span>. {ROLES.find((r) => r.role === me.role)?.name}:{' '}
            {ROLES.find((r) => r.role === me.role)?.may}.
          </p>
        </div>
      </div>
      <div className={classes.parts}>
        <section aria-labelledby="units">
          <h2 id="units">How measures are shown to you</h2>
          <Radio.Group
            aria-labelledby="units"
            value={me.units}
            onChange={(v) => units.mutate(v === 'IMPERIAL' ? 'IMPERIAL' : 'METRIC', { onError: notifyProblem })}
          >
            <div className={classes.radios}>
              <Radio value="METRIC" label="Centimetres, litres, kilograms" />
              <Radio value="IMPERIAL" label="Inches, quarts, pounds" />
            </div>
          </Radio.Group>
        </section>
        <Password />
        <Where />
      </div>
    </>
  );
}

function Password() {
  const form = useForm({
    initialValues: { current: '', password: '' },
    validate: {
      current: (v) => (v === '' ? 'Give the password you have now.' : null),
      password: (v) => (v.length < 10 ? 'Ten letters or more.' : null),
    },
  });
  const change = useWrite(writes.changePassword, {
    done: () => {
      form.reset();
      notifyDone('Your password is changed. Everywhere else you are signed out.');
    },
    failed: (e) => {
      form.setErrors(faultsByField(e));
      return atItsField(e);
    },
  });
  return (
    <section aria-labelledby="password">
      <h2 id="password">Password</h2>
      <form className={classes.form} noValidate onSubmit={form.onSubmit((values) => change.mutate(values))}>
        <PasswordInput label="The one you have now" size="md" autoComplete="current-password" {...form.getInputProps('current')} />
        <PasswordInput label="A new one" description="Ten letters or more." size="md" autoComplete="new-password" {...form.getInputProps('password')} />
        <Button type="submit" variant="default" loading={change.isPending}>
          Change it
        </Button>
      </form>
    </section>
  );
}

function Where() {
  const { data } = useQuery(reads.ownSessions());
  const end = useWrite(writes.endSession, { done: () => void notifyDone('Signed out there.') });
  return (
    <section aria-labelledby="where" className={classes.where}>
      <h2 id="where">Where you are signed in</h2>
      {data?.length === 0 && <p>Nowhere but in scripts.</p>}
      <ul>
        {data?.map((s) => (
          <li key={s.id}>
            <div>
              <strong>{s.here ? `${DEVICES[s.device]}, this one` : DEVICES[s.device]}</strong>
              <span>
                since <span className="measure">{moment(s.since)}</span>, last used <span className="measure">{moment(s.seen)}</span>, from{' '}
                <span className="measure">{s.address}</span>
              </span>
            </div>
            {!s.here && (
              <Button variant="default" loading={end.isPending && end.variables.id === s.id} onClick={() => end.mutate({ id: s.id })}>
                Sign out there
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
