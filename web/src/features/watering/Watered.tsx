import { Button, Checkbox, Modal, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../../api/client';
import { useOnceEach } from '../../api/once';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Waiting } from '../../ui/Waiting';
import { litres, readLitres, say, type Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import classes from './Watering.module.css';

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
    ),
  };
}

interface AmountProps {
  plant: ToWater;
  units: Units;
  busy: boolean;
  close: () => void;
  send: (litres: number, runOff: number | null) => void;
}

function Amount({ plant, units, busy, close, send }: AmountProps) {
  const known = useQuery({ ...reads.plant(plant.id), enabled: plant.usual === null });
  const reckoned = known.data?.advice.water.before.litres ?? null;
  const offered = plant.usual ?? reckoned;
  const [text, setText] = useState<string | null>(null);
  const [caught, setCaught] = useState('');
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const shown = text ?? (offered === null ? '' : say(litres(offered, units)));
  const submit = () => {
    const given = text === null && offered !== null ? offered : readLitres(shown, units);
    const out = caught.trim() === '' ? null : readLitres(caught, units);
    const bad: Record<string, string> = {};
    if (given === null || given <= 0) bad.litres = 'Write an amount like 0.8 L, 800 ml or 1 qt.';
    if (caught.trim() !== '' && out === null) bad.runOffLitres = 'Write an amount like 0.1 L, or leave it empty.';
    if (given !== null && out !== null && out > given) bad.runOffLitres = 'More came out than was poured.';
    setWrong(bad);
    if (given !== null && Object.keys(bad).length === 0) send(given, out);
  };
  return (
    <Modal opened onClose={close} title={`${plant.name} ${plant.label}`}>
      <form
        className={classes.form}
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          submit();
        }}
      >
        {plant.keepDry && (
          <p className={classes.dry} role="alert">
            {plant.keepDry}
          </p>
        )}
        <TextInput
          label="Poured"
          description={plant.usual === null && reckoned !== null ? 'Reckoned from its leaves, light and pot.' : undefined}
          inputMode="decimal"
          data-autofocus
          value={shown}
          error={wrong.litres}
          onChange={(e) => setText(e.currentTarget.value)}
        />
        <TextInput
          label="Caught below"
          description="What ran out. It tells how much the ball keeps; leave it empty if nobody caught it."
          inputMode="decimal"
          value={caught}
          error={wrong.runOffLitres}
          onChange={(e) => setCaught(e.currentTarget.value)}
        />
        <Button type="submit" loading={busy} color={plant.keepDry ? 'oxblood' : undefined}>
          {plant.keepDry ? 'It was watered all the same' : 'Watered'}
        </Button>
      </form>
    </Modal>
  );
}

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
