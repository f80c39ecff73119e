import { newId, type Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { notifyDone } from '../../ui/notify';

const say = (text: string) => ({ done: () => void notifyDone(text) });

/** What a person can hold against the rules about one plant; after each the call is asked for anew. */
export function useArgue(plantId: string) {
  const setAside = useWrite(writes.setAside, say('Set aside. The call was made again without it.'));
  const letCount = useWrite(writes.letCount, say('It counts again.'));
  const overrule = useWrite(writes.overrule, say('Your call stands, with its reason on record.'));
  const letRulesDecide = useWrite(writes.letRulesDecide, say('The rules decide again.'));
  return {
    setAside: (given: Omit<Schemas['AsideRequest'], 'plantId'>) => setAside.mutate({ id: newId(), request: { plantId, ...given } }),
    letCount: (id: string) => letCount.mutate({ id, plantId }),
    overrule: (given: Omit<Schemas['OverruleRequest'], 'plantId'>) => overrule.mutate({ id: newId(), request: { plantId, ...given } }),
    letRulesDecide: (id: string) => letRulesDecide.mutate({ id, plantId }),
    deciding: letRulesDecide.isPending,
  };
}
