import { Button, Modal } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, body } from '../../api/client';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { ReasonField } from '../argument/SetAside';
import { useReader } from '../team/session';
import type { PlantView } from './usePlant';
import classes from './PlantPage.module.css';

const REASONS = ['It died.', 'Not worth saving.', 'The owner wants another plant.', 'It went back to the owner.'];

/** Out of care, or back into it. */
export function useRetire(data: PlantView) {
  const { plant } = data;
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (given: { retiredOn: string | null; reason: string | null }) =>
      body(
        api.PUT('/api/plants/{id}/retired', {
          params: { path: { id: plant.id }, header: { 'If-Match': `"${plant.version}"` } },
          body: given,
        }),
      ),
    onSuccess: (next) => {
      queries.setQueryData(['plant', plant.id], next);
      void queries.invalidateQueries({ queryKey: ['plants'] });
      void queries.invalidateQueries({ queryKey: ['round'] });
      void queries.invalidateQueries({ queryKey: ['jobs'] });
      notifyDone(next.plant.retiredOn ? 'Retired. Its history stays.' : 'Back in care.');
    },
    onError: notifyProblem,
  });
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
  const retire = useRetire(data);
  const [reason, setReason] = useState('');
  const [missing, setMissing] = useState(false);
  return (
    <form
      className={classes.dialog}
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() === '') return setMissing(true);
        retire.mutate({ retiredOn: today, reason }, { onSuccess: close });
      }}
    >
      <p>
        It leaves rounds and lists; its history stays and it can be taken back.
        {data.openJob && ' Its planned repot is dropped.'}
      </p>
      <ReasonField reason={reason} set={setReason} reasons={REASONS} missing={missing} />
      <div>
        <Button type="submit" color="oxblood" loading={retire.isPending}>
          Retire it
        </Button>
      </div>
    </form>
  );
}
