import { Radio } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { api, body, type Schemas } from '../../api/client';
import { notifyDone, notifyProblem } from '../../ui/notify';
import classes from './JobPage.module.css';

const CHOICES = [
  { value: 'PLANT', label: 'The plant: the pot is broken away' },
  { value: 'POT', label: 'The pot: the ball is cut to its mouth' },
] as const;

type Keep = (typeof CHOICES)[number]['value'];

/** Which of the two the owner keeps where a mouth holds the ball; the plan follows at once. */
export function Kept({ data, store }: { data: Schemas['JobView']; store: (next: Schemas['JobView']) => void }) {
  const keep = useMutation({
    mutationFn: (kept: Keep) => body(api.PUT('/api/jobs/{id}/break-out', { params: { path: { id: data.job.id } }, body: { kept } })),
    onSuccess: (next) => {
      store(next);
      notifyDone('On record. The plan follows.');
    },
    onError: notifyProblem,
  });
  return (
    <Radio.Group
      size="lg"
      className={classes.kept}
      label="The owner keeps"
      value={keep.variables && keep.isPending ? keep.variables : (data.wish?.breakOut ?? '')}
      onChange={(v) => keep.mutate(v as Keep)}
    >
      <div className={classes.radios}>
        {CHOICES.map((c) => (
          <Radio key={c.value} size="lg" value={c.value} label={c.label} disabled={keep.isPending} />
        ))}
      </div>
    </Radio.Group>
  );
}
