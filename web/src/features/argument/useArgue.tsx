import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, newId, type Schemas } from '../../api/client';
import { notifyDone, notifyProblem } from '../../ui/notify';

/** What a person can hold against the rules about one plant; after each the call is asked for anew. */
export function useArgue(plantId: string) {
  const queries = useQueryClient();
  const after = (text: string) => ({
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['plant', plantId] });
      void queries.invalidateQueries({ queryKey: ['plants'] });
      void queries.invalidateQueries({ queryKey: ['round'] });
      notifyDone(text);
    },
    onError: notifyProblem,
  });
  return {
    setAside: useMutation({
      mutationFn: (given: Omit<Schemas['AsideRequest'], 'plantId'>) =>
        api.PUT('/api/asides/{id}', { params: { path: { id: newId() } }, body: { plantId, ...given } }),
      ...after('Set aside. The call was made again without it.'),
    }),
    letCount: useMutation({
      mutationFn: (id: string) => api.DELETE('/api/asides/{id}', { params: { path: { id } } }),
      ...after('It counts again.'),
    }),
    overrule: useMutation({
      mutationFn: (given: Omit<Schemas['OverruleRequest'], 'plantId'>) =>
        api.PUT('/api/overrules/{id}', { params: { path: { id: newId() } }, body: { plantId, ...given } }),
      ...after('Your call stands, with its reason on record.'),
    }),
    letRulesDecide: useMutation({
      mutationFn: (id: string) => api.DELETE('/api/overrules/{id}', { params: { path: { id } } }),
      ...after('The rules decide again.'),
    }),
  };
}
