import { Button } from '@mantine/core';
import { type Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { dayYear } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { resultWords } from '../../ui/words';
import classes from './PlantPage.module.css';

/** How a repot can have gone. */
export const RESULTS = ['TOOK_WELL', 'SLOW', 'SET_BACK', 'LOST'] as const;

/** How a repot went, asked once it can be told; one tap. */
export function TookIt({ job, plantId }: { job: Pick<Schemas['JobSummary'], 'id' | 'doneOn'>; plantId: string }) {
  const record = useWrite(writes.tellOutcome, { done: () => void notifyDone('On record.') });
  return (
    <p className={classes.tookIt}>
      <span>How did it take the repot of {job.doneOn ? dayYear(job.doneOn) : ''}?</span>
      {RESULTS.map((r) => (
        <Button key={r} variant="default" size="sm" disabled={record.isPending} onClick={() => record.mutate({ jobId: job.id, plantId, request: { result: r, firstGrowthOn: null, leafLoss: null, heightMm: null, note: null } })}>
          {resultWords(r)}
        </Button>
      ))}
    </p>
  );
}
