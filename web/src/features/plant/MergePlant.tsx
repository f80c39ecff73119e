import { Button, Modal, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import type { PlantView } from './usePlant';
import classes from './PlantPage.module.css';

/** So many are shown to choose from. */
const SHOWN = 8;

/** A plant that was entered twice becomes one: this one stays. */
export function MergePlant({ data, opened, close }: { data: PlantView; opened: boolean; close: () => void }) {
  return (
    <Modal opened={opened} onClose={close} title={`${data.plant.commonName} ${data.plant.label} was entered twice`}>
      {opened && <Choose data={data} close={close} />}
    </Modal>
  );
}

function Choose({ data, close }: { data: PlantView; close: () => void }) {
  const { plant } = data;
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 150);
  const [twin, setTwin] = useState<string | null>(null);
  const filter = { search, site: search ? undefined : plant.siteId, client: undefined, spot: undefined, group: undefined, saucer: undefined, pressingFirst: false, retired: false };
  const list = useInfiniteQuery(reads.plants(filter));
  if (twin) return <Confirm data={data} twin={twin} back={() => setTwin(null)} close={close} />;
  const others = (list.data?.pages[0]?.plants ?? []).filter((p) => p.id !== plant.id);
  return (
    <div className={classes.dialog}>
      <TextInput label="The other entry" placeholder="Label, name or place" value={text} data-autofocus onChange={(e) => setText(e.currentTarget.value)} />
      <ul className={classes.twin}>
        {others.slice(0, SHOWN).map((p) => (
          <li key={p.id}>
            <button type="button" onClick={() => setTwin(p.id)}>
              <span>
                {p.commonName} <span className="measure">{p.label}</span>
              </span>
              <span>{p.spotName}</span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

const some = (n: number, one: string, many: string): string[] => (n === 0 ? [] : [`${n} ${n === 1 ? one : many}`]);

function Confirm({ data, twin, back, close }: { data: PlantView; twin: string; back: () => void; close: () => void }) {
  const { plant } = data;
  const other = useQuery(reads.twin(twin));
  const merge = useWrite(writes.mergePlants, {
    done: () => {
      notifyDone('Merged. What was logged at either is on record here.');
      close();
    },
  });
  if (!other.data) return <Waiting />;
  const { plant: ends, counts } = other.data;
  const moves = [
    ...some(counts.checks, 'check', 'checks'),
    ...some(counts.waterings, 'watering', 'waterings'),
    ...some(counts.photos, 'photo', 'photos'),
    ...some(counts.jobs, 'finished job', 'finished jobs'),
  ];
  return (
    <div className={classes.dialog}>
      <p>
        <b>
          {ends.commonName} {ends.label}
        </b>{' '}
        ({ends.siteName}, {ends.spotName}) ends, and {moves.length > 0 ? `its ${moves.join(', ')} come here` : 'it has nothing on record to bring'}. Its printed label opens this plant from
        then on.
      </p>
      <p>
        Pot, place and name stay those of{' '}
        <b>
          {plant.commonName} {plant.label}
        </b>
        . A job that is planned for the other entry is dropped.
        {ends.species !== plant.species && ' The two are entered as different kinds: look whether they are really one.'}
      </p>
      <p>This cannot be taken back.</p>
      <div className={classes.buttons}>
        <Button
          color="oxblood"
          loading={merge.isPending}
          onClick={() => merge.mutate({ id: plant.id, version: plant.version, request: { twinId: ends.id, twinVersion: ends.version } })}
        >
          Merge them
        </Button>
        <Button variant="default" onClick={back}>
          Another
        </Button>
      </div>
    </div>
  );
}
