import { useQueryClient } from '@tanstack/react-query';
import { ProblemError, faultsByField } from '../../api/problem';
import { atItsField, useWrite } from '../../api/useWrite';
import type { Write } from '../../api/writes';
import { notifyDone } from '../../ui/notify';

/** Saves a place; when somebody else has changed it meanwhile, what they have is asked for. */
export function usePlaceWrite<V>(write: Write<V, undefined>, close: () => void) {
  const queries = useQueryClient();
  const save = useWrite(write, {
    done: () => {
      notifyDone('Saved.');
      close();
    },
    failed: (e: unknown) => {
      if (e instanceof ProblemError && e.status === 412) {
        for (const queryKey of [['clients'], ['site']]) void queries.invalidateQueries({ queryKey });
      }
      return atItsField(e);
    },
  });
  return { save, faults: faultsByField(save.error) };
}
