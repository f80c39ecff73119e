import { Button, Checkbox, Modal, NativeSelect, Textarea, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { newId, type Schemas } from '../../api/client';
import { ProblemError, faultsByField } from '../../api/problem';
import { atItsField, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { notifyDone } from '../../ui/notify';
import { lightWords } from '../../ui/words';
import { passingWords, WEEKDAYS } from './words';
import classes from './Places.module.css';

/** What is added, or edited where it is there already. */
export type PlaceEdit =
  | { kind: 'client'; client?: Schemas['ClientItem'] }
  | { kind: 'site'; clientId: string; site?: Schemas['SiteItem'] }
  | { kind: 'spot'; siteId: string; spot?: Schemas['SpotItem'] };

const LIGHTS = ['LOW', 'MEDIUM', 'BRIGHT_INDIRECT', 'DIRECT'];
const USES = ['PRIVATE', 'PUBLIC', 'CHILDREN'];

const TITLES = { client: 'client', site: 'site', spot: 'spot' };

export function PlaceForm({ edit, close }: { edit: PlaceEdit | null; close: () => void }) {
  const there = edit && (edit.kind === 'client' ? edit.client : edit.kind === 'site' ? edit.site : edit.spot);
  return (
    <Modal
      opened={edit !== null}
      onClose={close}
      title={edit ? (there ? `Edit ${there.name}` : `Add a ${TITLES[edit.kind]}`) : ''}
    >
      {edit && <Form edit={edit} close={close} />}
    </Modal>
  );
}

function Form({ edit, close }: { edit: PlaceEdit; close: () => void }) {
  const site = edit.kind === 'site' ? edit.site : undefined;
  const spot = edit.kind === 'spot' ? edit.spot : undefined;
  const there = edit.kind === 'client' ? edit.client : (site ?? spot);
  const id = useRef(there?.id ?? newId());
  const [form, setForm] = useState({
    name: there?.name ?? '',
    latitude: String(site?.latitude ?? ''),
    longitude: String(site?.longitude ?? ''),
    outdoors: site?.outdoors ?? false,
    use: site?.siteUse ?? 'PUBLIC',
    accessNote: site?.accessNote ?? '',
    visitWeekday: String(site?.visitWeekday ?? 1),
    light: spot?.light ?? 'MEDIUM',
  });
  const [unread, setUnread] = useState<Record<string, string>>({});
  const queries = useQueryClient();
  const on = {
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
  };
  const client = useWrite(writes.saveClient, on);
  const place = useWrite(writes.saveSite, on);
  const stand = useWrite(writes.saveSpot, on);
  const save = edit.kind === 'client' ? client : edit.kind === 'spot' ? stand : place;
  const send = () => {
    const what = { id: id.current, version: there?.version ?? null };
    if (edit.kind === 'client') client.mutate({ ...what, request: { name: form.name } });
    else if (edit.kind === 'spot') {
      stand.mutate({ ...what, request: { siteId: edit.siteId, name: form.name, light: form.light as Schemas['SpotRequest']['light'] } });
    } else {
      place.mutate({
        ...what,
        request: {
          clientId: edit.clientId,
          name: form.name,
          latitude: Number(form.latitude.replace(',', '.')),
          longitude: Number(form.longitude.replace(',', '.')),
          outdoors: form.outdoors,
          use: form.use as Schemas['SiteRequest']['use'],
          accessNote: form.accessNote,
          visitWeekday: Number(form.visitWeekday),
        },
      });
    }
  };
  const faults = { ...faultsByField(save.error), ...unread };
  const text = (key: 'name' | 'latitude' | 'longitude' | 'accessNote', label: string, description?: string) => ({
    label,
    description,
    value: form[key],
    error: faults[key],
    onChange: (e: { currentTarget: { value: string } }) => setForm({ ...form, [key]: e.currentTarget.value }),
  });
  return (
    <form
      className={classes.form}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        const wrong: Record<string, string> = {};
        if (edit.kind === 'site') {
          for (const key of ['latitude', 'longitude'] as const) {
            if (!/^-?\d+([.,]\d+)?$/.test(form[key].trim())) wrong[key] = 'Write degrees like 44.02; south and west with a minus.';
          }
        }
        setUnread(wrong);
        if (Object.keys(wrong).length === 0) send();
      }}
    >
      <TextInput {...text('name', 'Name')} data-autofocus />
      {edit.kind === 'site' && (
        <>
          <div className={classes.pair}>
            <TextInput {...text('latitude', 'Latitude', 'Day length, and so the seasons, follow it')} inputMode="decimal" />
            <TextInput {...text('longitude', 'Longitude', 'For the way between sites')} inputMode="decimal" />
          </div>
          <NativeSelect
            label="Who comes past"
            value={form.use}
            onChange={(e) => setForm({ ...form, use: e.currentTarget.value })}
            data={USES.map((u) => ({ value: u, label: passingWords(u) }))}
          />
          <NativeSelect
            label="Visited on"
            value={form.visitWeekday}
            onChange={(e) => setForm({ ...form, visitWeekday: e.currentTarget.value })}
            data={WEEKDAYS.map((d, i) => ({ value: String(i + 1), label: d }))}
          />
          <Checkbox
            label="Plants stand outdoors"
            checked={form.outdoors}
            onChange={(e) => setForm({ ...form, outdoors: e.currentTarget.checked })}
          />
          <Textarea {...text('accessNote', 'Access', 'Keys, water, hours, what is not allowed there')} size="md" autosize minRows={2} />
        </>
      )}
      {edit.kind === 'spot' && (
        <NativeSelect
          label="Light"
          value={form.light}
          onChange={(e) => setForm({ ...form, light: e.currentTarget.value })}
          data={LIGHTS.map((l) => ({ value: l, label: lightWords(l) }))}
        />
      )}
      <div>
        <Button type="submit" loading={save.isPending}>
          Save
        </Button>
      </div>
    </form>
  );
}
