import { Modal, NativeSelect, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { notifyDone } from '../../ui/notify';
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
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 150);
  const [site, setSite] = useState(plant.siteId);
  const [spot, setSpot] = useState('');
  const clients = useQuery(reads.clients(search));
  const place = useQuery(reads.site(site));
  const move = useWrite(writes.movePlant, {
    done: (next) => {
      notifyDone(`Moved to ${next.plant.siteName}, ${next.plant.spotName}.`);
      close();
    },
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
        if (chosen) move.mutate({ id: plant.id, version: plant.version, request: { spotId: chosen } });
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
        <Act type="submit" loading={move.isPending} missing={!chosen && 'Choose a site with another spot.'}>
          Move it
        </Act>
      </div>
    </form>
  );
}
