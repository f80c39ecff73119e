import { Button, NativeSelect, PasswordInput, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { faultsByField } from '../../api/problem';
import { notifyProblem } from '../../ui/notify';
import { useFirstAccount } from './session';
import classes from './SignIn.module.css';

/** All that this browser knows, its own among them. */
const zones = (own: string): string[] => [...new Set([own, ...Intl.supportedValuesOf('timeZone')])].sort();

/** The first start without demo data asks for the first account. */
export function FirstAccount() {
  const first = useFirstAccount();
  const form = useForm({
    initialValues: {
      teamName: '',
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      name: '',
      account: '',
      password: '',
    },
  });
  const faults = faultsByField(first.error);
  const field = (key: keyof typeof form.values, label: string, description?: string) => ({
    label,
    description,
    ...form.getInputProps(key),
    error: faults[key],
  });
  const submit = form.onSubmit((values) =>
    first.mutate(values, {
      onError: (error) => {
        if (Object.keys(faultsByField(error)).length === 0) notifyProblem(error);
      },
    }),
  );
  return (
    <main className={classes.page}>
      <title>Welcome · Happy Saucer</title>
      <div className={classes.head}>
        <img src="/favicon.svg" alt="" width={64} height={64} />
        <div>
          <h1>Welcome to Happy Saucer</h1>
          <p>Nobody works here yet. Make the first account; it plans and may do everything.</p>
        </div>
      </div>
      <form onSubmit={submit} className={classes.form} noValidate>
        <TextInput {...field('teamName', 'Name of the team')} />
        <NativeSelect {...field('zone', 'Time zone', 'All dates are counted in it; this device’s is offered.')} data={zones(form.values.zone)} />
        <TextInput {...field('name', 'Your name')} autoComplete="name" />
        <TextInput {...field('account', 'Account', 'Small letters and digits; you sign in with it.')} autoComplete="username" />
        <PasswordInput {...field('password', 'Password', 'Ten letters or more.')} size="md" autoComplete="new-password" />
        <Button type="submit" loading={first.isPending}>
          Make the account
        </Button>
      </form>
    </main>
  );
}
