import { Button, Checkbox, Modal, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Waiting } from '../../ui/Waiting';
import { litres, readLitres, say } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import classes from './Watering.module.css';

interface StopProps {
  siteId: string;
  siteName: string;
  /** Plants that were watered today already. */
  watered: Set<string>;
  /** Those that are not to be watered now, and why. */
  dry: Map<string, string>;
  close: () => void;
}

/** A whole stop: each plant with its own amount proposed; those that were not watered are left out. */
export function WaterStop({ siteId, siteName, watered, dry, close }: StopProps) {
  const { today, units } = useReader();
  const { data } = useQuery(reads.pours(siteId));
  const [changed, setChanged] = useState<Record<string, string>>({});
  const [out, setOut] = useState<Set<string>>(() => new Set([...watered, ...dry.keys()]));
  const [ids] = useState(() => ({ all: newId(), of: new Map<string, string>() }));
  const undo = useWrite(writes.undoWaterings, { done: () => void notifyDone('Taken back.') });
  const log = useWrite(writes.logWaterings, {
    done: (_, { waterings }) => {
      close();
      const shown = notifyDone(
        <span className={classes.logged}>
          {waterings.length} {waterings.length === 1 ? 'plant' : 'plants'} watered.
          <Button
            size="sm"
            variant="default"
            onClick={() => {
              notifications.hide(shown);
              undo.mutate({ wateringIds: waterings.map((w) => w.id) });
            }}
          >
            Undo
          </Button>
        </span>,
      );
    },
    failed: atItsField,
  });
  const idOf = (plant: string): string => {
    const known = ids.of.get(plant) ?? newId();
    ids.of.set(plant, known);
    return known;
  };
  const rows = (data ?? []).map((p) => {
    const text = changed[p.plantId];
    const given = text === undefined ? p.litres : readLitres(text, units);
    return { ...p, given: given !== null && given > 0 ? given : null, text: text ?? say(litres(p.litres, units)), on: !out.has(p.plantId) };
  });
  const poured = rows.filter((r) => r.on);
  const unread = poured.filter((r) => r.given === null);
  const sum = poured.reduce((s, r) => s + (r.given ?? 0), 0);
  const fault = Object.values(faultsByField(log.error))[0];
  return (
    <Modal opened onClose={close} size="lg" title={`Water at ${siteName}`}>
      {!data && <Waiting />}
      <ul className={classes.rows}>
        {rows.map((r) => (
          <li key={r.plantId} data-on={r.on}>
            <Checkbox
              size="lg"
              checked={r.on}
              onChange={(e) => {
                const next = new Set(out);
                if (e.currentTarget.checked) next.delete(r.plantId);
                else next.add(r.plantId);
                setOut(next);
              }}
              label={
                <>
                  <strong>{r.commonName}</strong>
                  <small>
                    {r.spotName} <span className="measure">{r.label}</span>
                    {watered.has(r.plantId) ? ' · watered today' : r.logged ? '' : ' · reckoned'}
                    {dry.has(r.plantId) && <b className={classes.why}>{dry.get(r.plantId)}</b>}
                  </small>
                </>
              }
            />
            <TextInput
              aria-label={`Poured on ${r.commonName} ${r.label}`}
              inputMode="decimal"
              size="sm"
              value={r.text}
              disabled={!r.on}
              error={r.on && r.given === null ? 'No amount' : undefined}
              onChange={(e) => setChanged({ ...changed, [r.plantId]: e.currentTarget.value })}
            />
          </li>
        ))}
      </ul>
      {fault && <p role="alert">{fault}</p>}
      {data && (
        <div className={classes.acts}>
          <span>
            {poured.length} {poured.length === 1 ? 'plant' : 'plants'}, <b className="measure">{say(litres(sum, units))}</b> in all
          </span>
          <Button
            loading={log.isPending}
            onClick={() => {
              if (unread.length > 0 || poured.length === 0) return;
              log.mutate({
                id: ids.all,
                wateredOn: today,
                waterings: poured.map((r) => ({ id: idOf(r.plantId), plantId: r.plantId, litres: r.given ?? 0 })),
              });
            }}
            disabled={poured.length === 0}
          >
            {poured.length === 0 ? 'Nobody is ticked' : 'Watered'}
          </Button>
        </div>
      )}
    </Modal>
  );
}
