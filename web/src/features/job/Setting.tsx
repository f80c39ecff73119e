import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { type Schemas } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Steps } from '../../ui/Steps';
import { notifyDone } from '../../ui/notify';
import classes from './JobPage.module.css';

const MOST = 45;
const STEP = 5;

/** Front and angle of a trained tree, as agreed with whoever owns it. */
export function Setting({ data }: { data: Schemas['JobView'] }) {
  const [front, setFront] = useState(data.front ?? '');
  const [angle, setAngle] = useState(data.angleDegrees ?? 0);
  const save = useWrite(writes.tellSetting, {
    done: () => void notifyDone('Front and angle are on record.'),
    failed: (e) => faultsByField(e).front !== undefined,
  });
  return (
    <div className={classes.found}>
      <TextInput
        label="Its front"
        placeholder="What faces whoever looks at it"
        size="md"
        value={front}
        error={faultsByField(save.error).front}
        onChange={(e) => setFront(e.currentTarget.value)}
      />
      <div className={classes.angle}>
        <span>Trunk leans, to the right over 0</span>
        <Steps
          label="Angle of the trunk"
          index={Math.round((angle + MOST) / STEP)}
          last={(2 * MOST) / STEP}
          value={`${angle} °`}
          change={(i) => setAngle(i * STEP - MOST)}
        />
      </div>
      <Button variant="default" loading={save.isPending} onClick={() => save.mutate({ id: data.job.id, request: { front: front.trim() || null, angleDegrees: angle } })}>
        Keep front and angle
      </Button>
    </div>
  );
}
