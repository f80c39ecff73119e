import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useState } from 'react';
import { faultsByField } from '../../api/problem';
import { notifyProblem } from '../../ui/notify';
import { plain } from '../../ui/words';
import { Join } from './Join';
import { useSignIn, type Session } from './session';
import classes from './SignIn.module.css';

/** Of the demo's accounts, which exist only with demo data. */
const DEMO_PASSWORD = 'happy-saucer';

const WORK: Record<string, string> = {
  PLANNER: 'plans the season and the jobs',
  TECHNICIAN: 'walks the round and works the bench',
  COUNTER: 'answers at the shop counter',
};

export function SignIn({ session }: { session: Session }) {
  const signIn = useSignIn();
  const form = useForm({ initialValues: { account: '', password: '' } });
  const [joining, setJoining] = useState(false);
  const faults = faultsByField(signIn.error);
  const go = (who: { account: string; password: string }) =>
    signIn.mutate(who, {
      onError: (e) => {
        if (Object.keys(faultsByField(e)).length === 0) notifyProblem(e);
      },
    });
  return (
    <main className={classes.page}>
      <title>Sign in · Happy Saucer</title>
      <div className={classes.head}>
        <img src="/favicon.svg" alt="" width={64} height={64} />
        <div>
          <h1>Happy Saucer</h1>
          <p>{session.team?.name}: when to repot, into what, and how to water after.</p>
        </div>
      </div>
      {session.demoPeople.length > 0 && (
        <section className={classes.people} aria-label="Demo team">
          <h2>{session.oneTap ? 'Come in as one of the demo team' : 'The demo team'}</h2>
          {!session.oneTap && <p>Other devices can reach this demo, so it has a password of its own: it stands in the window in which the server was started.</p>}
          {session.demoPeople.map((p) => (
            <button
              key={p.account}
              type="button"
              className={classes.personButton}
              disabled={signIn.isPending}
              onClick={() => {
                form.setFieldValue('account', p.account);
                if (session.oneTap) go({ account: p.account, password: DEMO_PASSWORD });
              }}
            >
              <strong>{p.name}</strong>
              <span>
                {plain(p.role)}: {WORK[p.role]}
              </span>
            </button>
          ))}
        </section>
      )}
      {joining ? (
        <Join back={() => setJoining(false)} />
      ) : (
      <form onSubmit={form.onSubmit(go)} className={classes.form} noValidate>
        <h2>{session.demoPeople.length > 0 ? 'Or with an account' : 'Sign in'}</h2>
        <TextInput
          label="Account"
          autoComplete="username"
          {...form.getInputProps('account')}
          error={faults.account}
        />
        <PasswordInput
          label="Password"
          size="md"
          autoComplete="current-password"
          {...form.getInputProps('password')}
          error={faults.password}
        />
        <Button type="submit" variant="default" loading={signIn.isPending}>
          Sign in
        </Button>
        <Button variant="subtle" onClick={() => setJoining(true)}>
          I was handed a code
        </Button>
      </form>
      )}
    </main>
  );
}
