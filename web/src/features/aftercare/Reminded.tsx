import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useOnce } from '../../api/once';
import { atItsField, useWrite } from '../../api/useWrite';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { writes } from '../../api/writes';
import { useReader, useSession } from '../team/session';
import classes from './CardPage.module.css';

/** Who is reminded of this plant, while its page is open. */
export function Reminded({ jobId }: { jobId: string }) {
  const { mayWork } = useReader();
  const { data } = useQuery(reads.reminded(jobId));
  const [adding, setAdding] = useState(false);
  const end = useWrite(writes.endReminded);
  const now = (data ?? []).filter((s) => !s.ended);
  return (
    <div className={classes.reminded}>
      <h3>Reminders</h3>
      {now.length === 0 ? (
        <p>Nobody is reminded. Whoever wants it gets a mail in the morning: when water changes, when one was missed, and the day before you come.</p>
      ) : (
        <ul>
          {now.map((s) => (
            <li key={s.id}>
              <span>
                {s.name} <small>{s.email}</small>
              </span>
              {mayWork && (
                <Button variant="subtle" color="oxblood" loading={end.isPending} aria-label={`No more reminders to ${s.name}`} onClick={() => end.mutate({ id: s.id, jobId })}>
                  No more
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      {mayWork && !adding && (
        <Button variant="default" onClick={() => setAdding(true)}>
          Remind somebody
        </Button>
      )}
      {adding && <Add jobId={jobId} close={() => setAdding(false)} />}
    </div>
  );
}

const ZONES = Intl.supportedValuesOf('timeZone');

function Add({ jobId, close }: { jobId: string; close: () => void }) {
  const { data: session } = useSession();
  const { units } = useReader();
  const home = session?.team?.zone ?? 'UTC';
  const once = useOnce();
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [zone, setZone] = useState(home);
  const [theirs, setTheirs] = useState<string>(units);
  const add = useWrite(writes.remind, {
    done: close,
    failed: (error) => {
      once.refused(error);
      return atItsField(error);
    },
  });
  const faults = faultsByField(add.error);
  return (
    <form
      className={classes.remind}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate({ id: once.id(), request: { jobId, name, email, zone, units: theirs as 'METRIC' | 'IMPERIAL' } });
      }}
    >
      <TextInput label="Name" value={name} maxLength={80} error={faults.name} data-autofocus onChange={(e) => setName(e.currentTarget.value)} />
      <TextInput label="Mail address" type="email" value={email} maxLength={200} error={faults.email} onChange={(e) => setEmail(e.currentTarget.value)} />
      <NativeSelect label="Morning of" value={zone} error={faults.zone} data={ZONES.includes(zone) ? ZONES : [zone, ...ZONES]} onChange={(e) => setZone(e.currentTarget.value)} />
      <NativeSelect label="Units" value={theirs} data={[{ value: 'METRIC', label: 'Litres' }, { value: 'IMPERIAL', label: 'Quarts' }]} onChange={(e) => setTheirs(e.currentTarget.value)} />
      <div className={classes.linkActs}>
        <Button type="submit" loading={add.isPending}>
          They asked for it
        </Button>
        <Button variant="subtle" onClick={close}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
