import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { faultsByField } from '../../api/problem';
import { atItsField } from '../../api/useWrite';
import { notifyProblem } from '../../ui/notify';
import { useJoin } from './session';
import classes from './SignIn.module.css';

/** Somebody was handed a code: it lets them in once, with a password of their own. */
export function Join({ back }: { back: () => void }) {
  const join = useJoin();
  const form = useForm({
    initialValues: { account: '', code: '', password: '' },
    validate: {
      account: (v) => (v.trim() === '' ? 'Give the account.' : null),
      code: (v) => (v.trim() === '' ? 'Give the code that you were handed.' : null),
      password: (v) => (v.length < 10 ? 'Ten letters or more.' : null),
    },
  });
  return (
    <form
      className={classes.form}
      noValidate
      onSubmit={form.onSubmit((values) =>
        join.mutate(values, {
          onError: (e) => {
            form.setErrors(faultsByField(e));
            if (!atItsField(e)) notifyProblem(e);
          },
        }),
      )}
    >
      <h2>I was handed a code</h2>
      <TextInput label="Account" autoComplete="username" autoCapitalize="none" {...form.getInputProps('account')} />
      <TextInput label="Code" autoComplete="one-time-code" autoCapitalize="none" placeholder="abcd-efgh-jkmn" {...form.getInputProps('code')} />
      <PasswordInput label="Choose a password" description="Ten letters or more." size="md" autoComplete="new-password" {...form.getInputProps('password')} />
      <Button type="submit" loading={join.isPending}>
        Come in
      </Button>
      <Button variant="subtle" onClick={back}>
        I have a password already
      </Button>
    </form>
  );
}
