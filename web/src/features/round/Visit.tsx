import { Button } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { hour } from '../../ui/format';
import { minutesBetween } from '../client/visits';
import { teamNow } from '../team/session';

const Ending = lazy(() => import('./Ending').then((m) => ({ default: m.Ending })));

/** Begins and ends the visit of a stop; what is due and not done is shown before it ends. */
export function VisitAct({ stop }: { stop: Schemas['Stop'] }) {
  const [ending, setEnding] = useState(false);
  const start = useWrite(writes.startVisit);
  const { visit } = stop;
  const begin = () => start.mutate({ siteId: stop.siteId, at: teamNow() });
  if (!visit?.startedAt) {
    return (
      <Button variant="default" loading={start.isPending} onClick={begin} aria-label={`Begin the visit of ${stop.siteName}`}>
        Begin the visit
      </Button>
    );
  }
  if (visit.endedAt) {
    return (
      <>
        <span>
          Visited {hour(visit.startedAt)} to {hour(visit.endedAt)}, {minutesBetween(visit.startedAt, visit.endedAt)} min.
        </span>
        <Button variant="subtle" loading={start.isPending} onClick={begin} aria-label={`Go on with the visit of ${stop.siteName}`}>
          Go on with it
        </Button>
      </>
    );
  }
  return (
    <>
      <span>Here since {hour(visit.startedAt)}.</span>
      <Button variant="default" onClick={() => setEnding(true)} aria-label={`End the visit of ${stop.siteName}`}>
        End the visit
      </Button>
      {ending && (
        <Suspense>
          <Ending stop={stop} visit={visit} close={() => setEnding(false)} />
        </Suspense>
      )}
    </>
  );
}
