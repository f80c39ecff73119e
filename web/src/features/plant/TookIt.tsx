import { Button } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas } from '../../api/client';
import { dayYear } from '../../ui/format';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { resultWords } from '../../ui/words';
import classes from './PlantPage.module.css';

const RESULTS = ['TOOK_WELL', 'SET_BACK', 'LOST'] as const;

/** How a repot went, asked once it can be told; one tap. */
export function TookIt({ job, plantId }: { job: Schemas['JobSummary']; plantId: string }) {
  const queries = useQueryClient();
  const record = useMutation({
    mutationFn: (result: (typeof RESULTS)[number]) =>
      api.PUT('/api/jobs/{id}/outcome', { params: { path: { id: job.id } }, body: { result } }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['plant', plantId] });
      notifyDone('On record.');
    },
    onError: notifyProblem,
  });
  return (
    <p className={classes.tookIt}>
      <span>How did it take the repot of {job.doneOn ? dayYear(job.doneOn) : ''}?</span>
      {RESULTS.map((r) => (
        <Button key={r} variant="default" size="sm" disabled={record.isPending} onClick={() => record.mutate(r)}>
          {resultWords(r)}
        </Button>
      ))}
    </p>
  );
}
