import { Button, Modal } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { notifyDone } from '../../ui/notify';
import { ReasonField } from '../argument/SetAside';
import { useReader } from '../team/session';
import type { PlantView } from './usePlant';
import classes from './PlantPage.module.css';

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
  return (
    <form
      className={classes.dialog}
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() === '') return setMissing(true);
        retire({ retiredOn: today, reason }, close);
      }}
    >
      <p>
        It leaves rounds and lists; its history stays and it can be taken back.
        {data.openJob && ' Its planned repot is dropped.'}
      </p>
      <ReasonField reason={reason} set={setReason} reasons={REASONS} missing={missing} />
      <div>
        <Button type="submit" color="oxblood" loading={retiring}>
          Retire it
        </Button>
      </div>
    </form>
  );
}
