import { Button, CopyButton, Switch } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import classes from './Crews.module.css';

/** Calendars of crews and clients: as a file, or by an address that their own program reads again and again. */
export function Feeds() {
  const { data } = useQuery(reads.feeds());
  const open = useWrite(writes.openFeed);
  if (!data) return null;
  return (
    <section className={classes.feeds} aria-labelledby="feeds">
      <h2 id="feeds">Calendars</h2>
      <p>What was made known, for the calendar of a phone or of a client. Whoever has the address reads it; ending it ends it for all who have it.</p>
      <ul>
        {data.map((f) => {
          const address = f.path ? window.location.origin + f.path : null;
          return (
            <li key={f.id}>
              <div>
                <strong>{f.name}</strong> <span className="soft">{f.kind === 'CREW' ? 'crew' : 'client'}</span>
                {address && <code>{address}</code>}
              </div>
              <Switch
                label="Address to subscribe to"
                checked={f.path !== null}
                disabled={open.isPending}
                onChange={(e) => open.mutate({ kind: f.kind, id: f.id, open: e.currentTarget.checked })}
              />
              <div className={classes.acts}>
                {address && (
                  <CopyButton value={address}>
                    {({ copied, copy }) => (
                      <Button size="sm" variant="default" onClick={copy}>
                        {copied ? 'Copied' : 'Copy it'}
                      </Button>
                    )}
                  </CopyButton>
                )}
                <Button size="sm" variant="subtle" component="a" href={`/api/${f.kind === 'CREW' ? 'crews' : 'clients'}/${f.id}/calendar.ics`}>
                  As a file
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
