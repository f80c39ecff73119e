import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { notifyDone } from '../../ui/notify';

/** Says that checks were logged, and takes them back when asked. */
export function useUndo() {
  const undo = useWrite(writes.undoChecks, { done: () => void notifyDone('Taken back.') });
  return (checkIds: string[], text: string) => {
    const shown = notifyDone(
      <span style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 12 }}>
        {text}
        <Button
          size="sm"
          variant="default"
          onClick={() => {
            notifications.hide(shown);
            undo.mutate({ checkIds });
          }}
        >
          Undo
        </Button>
      </span>,
    );
  };
}
