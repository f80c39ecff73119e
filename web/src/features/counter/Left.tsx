import { Button, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { PotGlyph } from '../../ui/PotGlyph';
import { Trouble } from '../../ui/Trouble';
import { day, moment } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { walkInWords } from '../../ui/words';
import { useReader } from '../team/session';
import classes from './Counter.module.css';

type WalkIn = Schemas['WalkInView'];

/** Plants that are left for work or wait to be fetched, and who came in these days. */
export function Left() {
  const { data, error, refetch } = useQuery(reads.counter());
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text.trim(), 200);
  const found = useQuery({ ...reads.counterFound(search), enabled: search !== '' });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return null;
  const shown = search !== '' && found.data ? found.data : data.left;
  return (
    <section className={classes.left} aria-labelledby="left">
      <div className={classes.leftHead}>
        <h2 id="left">Left for work, and of these days</h2>
        <TextInput aria-label="Who came before" placeholder="Name, number or kind" value={text} onChange={(e) => setText(e.currentTarget.value)} />
      </div>
      {shown.length === 0 && <p>{search === '' ? 'Nothing is here. What a customer leaves stands here with its number.' : 'Nobody like that came.'}</p>}
      <ol>
        {shown.map((w) => (
          <Row key={w.id} walkIn={w} today={data.today} />
        ))}
      </ol>
    </section>
  );
}

function Row({ walkIn: w, today }: { walkIn: WalkIn; today: string }) {
  const { units } = useReader();
  const [naming, setNaming] = useState<string | null>(null);
  const move = useWrite(writes.walkInStatus);
  const become = useWrite(writes.walkInClient, {
    done: () => {
      setNaming(null);
      notifyDone('A client now; give the site its place under Clients.');
    },
  });
  const to = (status: 'HERE' | 'READY' | 'HOME') => move.mutate({ id: w.id, version: w.version, request: { status } });
  const late = w.status === 'HERE' && w.promisedOn !== null && w.promisedOn <= today;
  return (
    <li data-status={w.status}>
      <b className={classes.number}>{w.number}</b>
      <Link to={`/plants/${w.plantId}`} className={classes.who}>
        <PotGlyph pot={{ topMm: w.potTopMm, baseMm: w.potBaseMm, heightMm: w.potHeightMm }} saucer={w.status === 'HERE' ? 'DUE_NOW' : 'NOTHING_DUE'} units={units} />
        <span>
          <strong>{w.commonName}</strong>
          <small>
            {w.customer}
            {w.reach && `, ${w.reach}`}
          </small>
        </span>
      </Link>
      <span className={classes.state}>
        {walkInWords(w.status)}
        {w.status === 'HERE' && w.promisedOn && <b data-late={late}> {late ? `promised for ${day(w.promisedOn)}` : `for ${day(w.promisedOn)}`}</b>}
        <small>
          {moment(w.cameAt)}
          {w.note && ` · ${w.note}`}
        </small>
      </span>
      <span className={classes.acts}>
        {w.status === 'HERE' && w.jobId && (
          <Button component={Link} to={`/jobs/${w.jobId}`} variant="default" size="sm" aria-label={`Bench sheet, number ${w.number}`}>
            Bench sheet
          </Button>
        )}
        {w.status === 'HERE' && (
          <Button size="sm" loading={move.isPending} aria-label={`Ready, number ${w.number}`} onClick={() => to('READY')}>
            Ready
          </Button>
        )}
        {w.status === 'READY' && (
          <Button size="sm" loading={move.isPending} aria-label={`Fetched, number ${w.number}`} onClick={() => to('HOME')}>
            Fetched
          </Button>
        )}
        {(w.status === 'HERE' || w.status === 'READY') && (
          <Button component="a" href={`/api/counter/${w.id}/label`} target="_blank" rel="noreferrer" variant="subtle" size="sm" aria-label={`Label, number ${w.number}`}>
            Label
          </Button>
        )}
        {w.potted && w.jobId && (
          <Button component={Link} to={`/jobs/${w.jobId}/card`} variant="subtle" size="sm" aria-label={`Card, number ${w.number}`}>
            Card
          </Button>
        )}
        {w.walksIn && naming === null && (
          <Button variant="subtle" size="sm" aria-label={`Make a client, number ${w.number}`} onClick={() => setNaming(w.customer)}>
            Make a client
          </Button>
        )}
      </span>
      {naming !== null && (
        <form
          className={classes.become}
          onSubmit={(e) => {
            e.preventDefault();
            become.mutate({ id: w.id, request: { name: naming } });
          }}
        >
          <TextInput label="Name of the client" value={naming} maxLength={160} onChange={(e) => setNaming(e.currentTarget.value)} />
          <Button type="submit" loading={become.isPending} disabled={naming.trim() === ''}>
            Make a client
          </Button>
          <Button variant="subtle" onClick={() => setNaming(null)}>
            Leave it
          </Button>
        </form>
      )}
    </li>
  );
}
