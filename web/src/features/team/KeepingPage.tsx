import { Button, Progress } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { bytes, moment } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from './session';
import classes from './Keeping.module.css';

const WATCH_MS = 700;

const KIND: Record<Schemas['Backup']['kind'], string> = {
  NIGHTLY: 'made by itself in the night',
  BY_HAND: 'asked for',
  UPGRADE: 'made before an upgrade',
};

/** Where the data is safe: backups and the disk under them. */
export function KeepingPage() {
  const { mayPlan } = useReader();
  const { data, error, refetch } = useQuery({
    ...reads.keeping(),
    refetchInterval: (query) => (query.state.data?.running ? WATCH_MS : 30_000),
    enabled: mayPlan,
  });
  const start = useWrite(writes.startBackup);
  const stop = useWrite(writes.stopBackup);
  const newest = data?.backups[0];
  useSayWhenDone(data);
  if (!mayPlan) return <p>Only a planner sees to backups.</p>;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return (
    <>
      <title>Backups · Happy Saucer</title>
      <h1>Backups and the disk</h1>
      <div className={classes.now}>
        <div>
          <p className={classes.last}>
            {newest ? (
              <>
                Last backup <b>{moment(newest.madeAt)}</b>, {KIND[newest.kind]}.
              </>
            ) : (
              <>No backup has been made yet. The first makes itself in the coming night.</>
            )}
          </p>
          <p className={classes.soft}>
            Every night one makes itself; the last {data.nightlyKept} are kept. Each was opened again before it counted. They lie in{' '}
            <code>{data.folder}</code>: copy them to another machine too, a disk can break.
          </p>
        </div>
        {data.running ? (
          <div className={classes.running} role="status">
            <span>{data.running.step}</span>
            <Progress
              value={data.running.of > 1 ? (100 * data.running.done) / data.running.of : 100}
              animated={data.running.of <= 1}
              aria-label={data.running.step}
            />
            <Button variant="default" loading={stop.isPending} onClick={() => stop.mutate()}>
              Stop
            </Button>
          </div>
        ) : (
          <Button loading={start.isPending} onClick={() => start.mutate()}>
            Back up now
          </Button>
        )}
      </div>
      <p>
        The disk has <b className="measure">{bytes(data.freeBytes)}</b> left.
      </p>
      {data.backups.length > 0 && (
        <table className={classes.table}>
          <caption>Backups in the data folder</caption>
          <thead>
            <tr>
              <th scope="col">Made</th>
              <th scope="col">Why</th>
              <th scope="col" className={classes.right}>
                Size
              </th>
              <th scope="col">File</th>
            </tr>
          </thead>
          <tbody>
            {data.backups.map((b) => (
              <tr key={b.file}>
                <td className="measure">{moment(b.madeAt)}</td>
                <td>{KIND[b.kind]}</td>
                <td className={`measure ${classes.right}`}>{bytes(b.bytes)}</td>
                <td className={classes.file}>{b.file.split('/').pop()}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className={classes.soft}>
        To put one back, stop the server and run <code>bin/restore FILE --data DIR</code>. What is there then is set aside, not deleted.
      </p>
    </>
  );
}

/** The one that was watched has come to its end. */
function useSayWhenDone(data: Schemas['KeepingView'] | undefined) {
  const watched = useRef(false);
  const running = Boolean(data?.running);
  const trouble = data?.troubles.find((t) => t.startsWith('The last backup failed'));
  useEffect(() => {
    if (watched.current && !running && !trouble) notifyDone('Backup ended.');
    watched.current = running;
  }, [running, trouble]);
}
