import { Button, Modal, NativeSelect, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, body } from '../../api/client';
import { notifyDone, notifyProblem } from '../../ui/notify';
import { lightWords } from '../../ui/words';
import type { PlantView } from './usePlant';
import classes from './PlantPage.module.css';

/** To another spot, of this site or of another. */
export function MovePlant({ data, opened, close }: { data: PlantView; opened: boolean; close: () => void }) {
  return (
    <Modal opened={opened} onClose={close} title={`Move ${data.plant.commonName} ${data.plant.label}`}>
      <Form data={data} close={close} />
    </Modal>
  );
}

function Form({ data, close }: { data: PlantView; close: () => void }) {
  const { plant } = data;
  const queries = useQueryClient();
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 150);
  const [site, setSite] = useState(plant.siteId);
  const [spot, setSpot] = useState('');
  const clients = useQuery({
    queryKey: ['clients', search],
    queryFn: () => body(api.GET('/api/clients', { params: { query: { search } } })),
    placeholderData: (before) => before,
  });
  const place = useQuery({
    queryKey: ['site', site],
    queryFn: () => body(api.GET('/api/sites/{id}', { params: { path: { id: site } } })),
  });
  const move = useMutation({
    mutationFn: (spotId: string) =>
      body(
        api.PUT('/api/plants/{id}/place', {
          params: { path: { id: plant.id }, header: { 'If-Match': `"${plant.version}"` } },
          body: { spotId },
        }),
      ),
    onSuccess: (next) => {
      queries.setQueryData(['plant', plant.id], next);
      void queries.invalidateQueries({ queryKey: ['plants'] });
      void queries.invalidateQueries({ queryKey: ['round'] });
      notifyDone(`Moved to ${next.plant.siteName}, ${next.plant.spotName}.`);
      close();
    },
    onError: notifyProblem,
  });
  const sites = (clients.data ?? []).flatMap((c) => c.sites.map((s) => ({ value: s.id, label: `${s.name} (${c.name})` })));
  const here = { value: plant.siteId, label: `${plant.siteName} (${plant.clientName})` };
  const spots = (place.data?.spots ?? []).filter((s) => s.id !== plant.spotId);
  const chosen = spots.some((s) => s.id === spot) ? spot : (spots[0]?.id ?? '');
  return (
    <form
      className={classes.dialog}
      onSubmit={(e) => {
        e.preventDefault();
        if (chosen) move.mutate(chosen);
      }}
    >
      <TextInput label="Find a site" value={text} onChange={(e) => setText(e.currentTarget.value)} />
      <NativeSelect
        label="Site"
        value={site}
        onChange={(e) => setSite(e.currentTarget.value)}
        data={[here, ...sites.filter((s) => s.value !== plant.siteId)]}
      />
      {spots.length > 0 ? (
        <NativeSelect
          label="Spot"
          value={chosen}
          onChange={(e) => setSpot(e.currentTarget.value)}
          data={spots.map((s) => ({ value: s.id, label: `${s.name}: ${lightWords(s.light).toLowerCase()}` }))}
        />
      ) : (
        <p>This site has no other spot. Add one on the site’s page first.</p>
      )}
      <p>Where the light differs, the move is noted as a change of light.</p>
      <div>
        <Button type="submit" loading={move.isPending} disabled={!chosen}>
          Move it
        </Button>
      </div>
    </form>
  );
}
