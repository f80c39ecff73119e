import { useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { notifyProblem } from '../ui/notify';
import { ProblemError, faultsByField } from './problem';
import type { Write } from './writes';

interface Handlers<V, T> {
  done?: (answer: T, variables: V) => void;
  /** Before it is known that it arrived. */
  sent?: (variables: V) => void;
  /** True where the screen shows the trouble itself; else the person is told. */
  failed?: (error: unknown, variables: V) => unknown;
}

/** What a write leaves stale is asked for again, and the read that its answer is, is filled. */
function settle<V, T>(queries: QueryClient, w: Write<V, T>, answer: T, variables: V) {
  const filled = w.fills?.(answer, variables);
  if (filled) queries.setQueryData(filled, answer);
  for (const queryKey of w.touches?.(variables, answer) ?? []) void queries.invalidateQueries({ queryKey });
}

/** The one way to write: sent under its name, settled, and told when it fails. */
export function useWrite<V, T>(w: Write<V, T>, { done, sent, failed }: Handlers<V, T> = {}) {
  const queries = useQueryClient();
  return useMutation<T, unknown, V>({
    mutationFn: w.send,
    onMutate: sent,
    onSuccess: (answer, variables) => {
      settle(queries, w, answer, variables);
      done?.(answer, variables);
    },
    onError: (error, variables) => {
      if (failed?.(error, variables) !== true) notifyProblem(error);
    },
  });
}

/** Messages that stand at their fields need not be told beside. */
export const atItsField = (error: unknown): boolean => Object.keys(faultsByField(error)).length > 0;

/**
 * Saves what others may have changed meanwhile: then nothing is lost, both are shown, and the person decides.
 */
export function useVersionedWrite<V, T>(w: Write<V, T>, { failed, ...handlers }: Handlers<V, T> = {}) {
  const [stale, setStale] = useState<ProblemError | null>(null);
  const save = useWrite(w, {
    ...handlers,
    failed: (error, variables) => {
      const told = failed?.(error, variables);
      if (error instanceof ProblemError && error.status === 412) {
        setStale(error);
        return true;
      }
      return told === true || atItsField(error);
    },
  });
  return { save, stale, settled: () => setStale(null), faults: faultsByField(save.error) };
}
