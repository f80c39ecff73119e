import { Button, Modal, Radio } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { daysBetween, dayYear } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { resultWords } from '../../ui/words';
import { ReasonField } from '../argument/SetAside';
import { useReader } from '../team/session';
import { RESULTS } from './TookIt';
import type { PlantView } from './usePlant';
import classes from './PlantPage.module.css';

/** So long after a repot it is asked how it was taken, days. */
const ASKED_DAYS = 180;
const SETTLED = ['TOOK_WELL', 'LOST'];
const UNKNOWN = 'UNKNOWN';

const REASONS = ['It died.', 'Not worth saving.', 'The owner wants another plant.', 'It went back to the owner.'];

/** Out of care, or back into it. */
export function useRetire(data: PlantView) {
  const { plant } = data;
  const retire = useWrite(writes.retirePlant, {
    done: (next) => void notifyDone(next.plant.retiredOn ? 'Retired. Its history stays.' : 'Back in care.'),
  });
  return {
    retire: (request: Schemas['RetireRequest'], onSuccess?: () => void) =>
      retire.mutate({ id: plant.id, version: plant.version, request }, { onSuccess }),
    retiring: retire.isPending,
  };
}

export function RetirePlant({ data, opened, close }: { data: PlantView; opened: boolean; close: () => void }) {
  return (
    <Modal opened={opened} onClose={close} title={`Retire ${data.plant.commonName} ${data.plant.label}`}>
      <Form data={data} close={close} />
    </Modal>
  );
}

function Form({ data, close }: { data: PlantView; close: () => void }) {
  const { today } = useReader();
  const { retire, retiring } = useRetire(data);
  const [reason, setReason] = useState('');
  const [missing, setMissing] = useState(false);
  const [took, setTook] = useState<string | null>(null);
  const last = data.jobs.find((j) => j.status === 'DONE');
  const told = last && data.outcomes.find((o) => o.jobId === last.id);
  const asks = last?.doneOn && daysBetween(last.doneOn, today) <= ASKED_DAYS && !SETTLED.includes(told?.result ?? '');
  return (
    <form
      className={classes.dialog}
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() === '' || (asks && took === null)) return setMissing(true);
        retire({ retiredOn: today, reason, outcome: took === null || took === UNKNOWN ? null : (took as Schemas['OutcomeRequest']['result']) }, close);
      }}
    >
      <p>
        It leaves rounds and lists; its history stays and it can be taken back.
        {data.openJob && ' Its planned repot is dropped.'}
      </p>
      <ReasonField reason={reason} set={setReason} reasons={REASONS} missing={missing && reason.trim() === ''} />
      {asks && (
        <Radio.Group
          label={`How had it taken the repot of ${dayYear(last.doneOn ?? '')}?`}
          value={took}
          onChange={setTook}
          error={missing && took === null && 'Say it, or that nobody can tell: the next repots learn from it.'}
        >
          {RESULTS.map((r) => (
            <Radio key={r} value={r} label={resultWords(r)} mt={8} />
          ))}
          <Radio value={UNKNOWN} label="Nobody can tell" mt={8} />
        </Radio.Group>
      )}
      <div>
        <Button type="submit" color="oxblood" loading={retiring}>
          Retire it
        </Button>
      </div>
    </form>
  );
}
