import { Checkbox, Radio } from '@mantine/core';
import { type Schemas } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { notifyDone } from '../../ui/notify';
import classes from './JobPage.module.css';

const CHOICES = [
  { value: 'PLANT', label: 'The plant: the pot is broken away' },
  { value: 'POT', label: 'The pot: the ball is cut to its mouth' },
] as const;

type Keep = (typeof CHOICES)[number]['value'];

/** Which of the two the owner keeps where a mouth holds the ball; the plan follows at once. */
export function Kept({ data }: { data: Schemas['JobView'] }) {
  const keep = useWrite(writes.tellKept, {
    done: () => void notifyDone('On record. The plan follows.'),
    failed: (e) => faultsByField(e).confirmed !== undefined,
  });
  const tell = (kept: Keep, confirmed: boolean | null) => keep.mutate({ id: data.job.id, request: { kept, confirmed } });
  const risk = faultsByField(keep.error).confirmed;
  const asked = keep.isPending || risk ? keep.variables?.request.kept : undefined;
  return (
    <Radio.Group
      size="lg"
      className={classes.kept}
      label="The owner keeps"
      value={asked ?? data.wish?.breakOut ?? ''}
      onChange={(v) => tell(v as Keep, null)}
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
          onChange={() => tell(asked as Keep, true)}
        />
      )}
    </Radio.Group>
  );
}
