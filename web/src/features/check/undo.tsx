import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { api } from '../../api/client';
import { notifyDone, notifyProblem } from '../../ui/notify';

/** Says that a check was logged, and takes it back when asked. */
export function offerUndo(checkId: string, text: string, after: () => unknown) {
  const shown = notifyDone(
    <span style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 12 }}>
      {text}
      <Button
        size="sm"
        variant="default"
        onClick={() => {
          notifications.hide(shown);
          api
            .DELETE('/api/checks/{id}', { params: { path: { id: checkId } } })
            .then(() => {
              notifyDone('Taken back.');
              return after();
            })
            .catch(notifyProblem);
        }}
      >
        Undo
      </Button>
    </span>,
  );
}
