import { Button, Modal, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useState } from 'react';
import { newId, type Schemas } from '../../api/client';
import { writes } from '../../api/writes';
import { lightWords } from '../../ui/words';
import { SiteForm } from './SiteForm';
import { usePlaceWrite } from './usePlaceWrite';
import classes from './Places.module.css';

/** What is added, or edited where it is there already. */
export type PlaceEdit =
  | { kind: 'client'; client?: Schemas['ClientItem'] }
  | { kind: 'site'; clientId: string; site?: Schemas['SiteItem'] }
  | { kind: 'spot'; siteId: string; spot?: Schemas['SpotItem'] };

const LIGHTS = ['LOW', 'MEDIUM', 'BRIGHT_INDIRECT', 'DIRECT'] as const;

const TITLES = { client: 'client', site: 'site', spot: 'spot' };

export function PlaceForm({ edit, close }: { edit: PlaceEdit | null; close: () => void }) {
  const there = edit && (edit.kind === 'client' ? edit.client : edit.kind === 'site' ? edit.site : edit.spot);
  return (
    <Modal opened={edit !== null} onClose={close} size="lg" title={edit ? (there ? `Edit ${there.name}` : `Add a ${TITLES[edit.kind]}`) : ''}>
      {edit?.kind === 'client' && <ClientForm client={edit.client} close={close} />}
      {edit?.kind === 'site' && <SiteForm clientId={edit.clientId} site={edit.site} close={close} />}
      {edit?.kind === 'spot' && <SpotForm siteId={edit.siteId} spot={edit.spot} close={close} />}
    </Modal>
  );
}

function ClientForm({ client, close }: { client: Schemas['ClientItem'] | undefined; close: () => void }) {
  const [id] = useState(() => client?.id ?? newId());
  const form = useForm({ initialValues: { name: client?.name ?? '' } });
  const { save, faults } = usePlaceWrite(writes.saveClient, close);
  return (
    <form className={classes.form} noValidate onSubmit={form.onSubmit((request) => save.mutate({ id, version: client?.version ?? null, request }))}>
      <TextInput label="Name" data-autofocus {...form.getInputProps('name')} error={faults.name} />
      <div>
        <Button type="submit" loading={save.isPending}>
          Save
        </Button>
      </div>
    </form>
  );
}

function SpotForm({ siteId, spot, close }: { siteId: string; spot: Schemas['SpotItem'] | undefined; close: () => void }) {
  const [id] = useState(() => spot?.id ?? newId());
  const form = useForm({ initialValues: { name: spot?.name ?? '', light: (spot?.light ?? 'MEDIUM') as (typeof LIGHTS)[number] } });
  const { save, faults } = usePlaceWrite(writes.saveSpot, close);
  return (
    <form
      className={classes.form}
      noValidate
      onSubmit={form.onSubmit((values) => save.mutate({ id, version: spot?.version ?? null, request: { siteId, ...values } }))}
    >
      <TextInput label="Name" data-autofocus {...form.getInputProps('name')} error={faults.name} />
      <NativeSelect label="Light" data={LIGHTS.map((l) => ({ value: l, label: lightWords(l) }))} {...form.getInputProps('light')} />
      <div>
        <Button type="submit" loading={save.isPending}>
          Save
        </Button>
      </div>
    </form>
  );
}
