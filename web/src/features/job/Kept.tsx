import { Checkbox, Radio } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { api, body, type Schemas } from '../../api/client';
import { faultsByField } from '../../api/problem';
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
    mutationFn: ({ kept, confirmed }: { kept: Keep; confirmed: boolean | null }) =>
      body(api.PUT('/api/jobs/{id}/break-out', { params: { path: { id: data.job.id } }, body: { kept, confirmed } })),
    onSuccess: (next) => {
      store(next);
      notifyDone('On record. The plan follows.');
    },
    onError: (e) => {
      if (!faultsByField(e).confirmed) notifyProblem(e);
    },
  });
  const risk = faultsByField(keep.error).confirmed;
  const asked = keep.isPending || risk ? keep.variables?.kept : undefined;
  return (
    <Radio.Group
      size="lg"
      className={classes.kept}
      label="The owner keeps"
      value={asked ?? data.wish?.breakOut ?? ''}
      onChange={(v) => keep.mutate({ kept: v as Keep, confirmed: null })}
    >
      <div className={classes.radios}>
        {CHOICES.map((c) => (
          <Radio key={c.value} size="lg" value={c.value} label={c.label} disabled={keep.isPending} />
        ))}
      </div>
      {risk && asked && (
        <Checkbox
          size="lg"
          checked={false}
          error={risk}
          label="I know the risk: stems that hang on those roots can die back."
          onChange={() => keep.mutate({ kept: asked, confirmed: true })}
        />
      )}
    </Radio.Group>
  );
}
