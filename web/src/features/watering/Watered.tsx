import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { lazy, Suspense, useState } from 'react';
import { newId } from '../../api/client';
import { useOnceEach } from '../../api/once';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { litres, say } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import classes from './Watering.module.css';

const Amount = lazy(() => import('./Amount').then((m) => ({ default: m.Amount })));

export interface ToWater {
  id: string;
  name: string;
  label: string;
  /** As it was given the last time; null where nothing is on record. */
  usual: number | null;
  /** Why it is not to be watered now. */
  keepDry: string | null;
}

/** Logged with the usual amount by one tap; another tap changes it or takes it back. */
export function useWatered() {
  const { today, units } = useReader();
  const [asking, setAsking] = useState<{ plant: ToWater; instead: string | null } | null>(null);
  const undo = useWrite(writes.undoWaterings);
  const log = useWrite(writes.logWatering);
  const once = useOnceEach<string>();
  const take = (id: string, after?: () => void) =>
    undo.mutate({ wateringIds: [id] }, { onSuccess: () => (after ? after() : void notifyDone('Taken back.')) });
  const logged = (plant: ToWater, id: string, given: number) => {
    const shown = notifyDone(
      <span className={classes.logged}>
        {plant.name} {plant.label}: {say(litres(given, units))}.
        <span>
          <Button
            size="sm"
            variant="default"
            onClick={() => {
              notifications.hide(shown);
              setAsking({ plant: { ...plant, usual: given }, instead: id });
            }}
          >
            Another amount
          </Button>
          <Button
            size="sm"
            variant="default"
            onClick={() => {
              notifications.hide(shown);
              take(id);
            }}
          >
            Undo
          </Button>
        </span>
      </span>,
    );
  };
  const send = (plant: ToWater, given: number, runOff: number | null, after?: () => void) => {
    const about = `${plant.id} ${given} ${runOff ?? ''} ${today}`;
    const id = once.made(about, newId);
    log.mutate(
      { id, request: { plantId: plant.id, wateredOn: today, litres: given, runOffLitres: runOff } },
      {
        onError: (e) => once.refused(about, e),
        onSuccess: () => {
          once.arrived(about);
          logged(plant, id, given);
          after?.();
        },
      },
    );
  };
  return {
    busy: log.isPending,
    /** The usual amount at once; where none is known it is asked for. */
    water: (plant: ToWater) => (plant.usual === null || plant.keepDry !== null ? setAsking({ plant, instead: null }) : send(plant, plant.usual, null)),
    dialog: asking && (
      <Suspense>
        <Amount
          key={asking.plant.id}
          plant={asking.plant}
          units={units}
          busy={log.isPending || undo.isPending}
          close={() => setAsking(null)}
          send={(given, runOff) => {
            const go = () => send(asking.plant, given, runOff, () => setAsking(null));
            if (asking.instead) take(asking.instead, go);
            else go();
          }}
        />
      </Suspense>
    ),
  };
}
