import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { api } from '../../api/client';
import { notifyDone, notifyProblem } from '../../ui/notify';

/** Says that checks were logged, and takes them back when asked. */
export function offerUndo(checkIds: string[], text: string, after: () => unknown) {
  const shown = notifyDone(
    <span style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 12 }}>
      {text}
      <Button
        size="sm"
        variant="default"
        onClick={() => {
          notifications.hide(shown);
          api
            .POST('/api/checks/undo', { body: { checkIds } })
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
