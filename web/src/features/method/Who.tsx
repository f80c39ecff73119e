import { NativeSelect, SegmentedControl, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import type { Level } from './choices';
import classes from './Method.module.css';

interface Props {
  level: Level;
  target: string;
  plant: { id: string; commonName: string; label: string } | null;
  groups: Schemas['GroupItem'][];
  setParams: (next: Record<string, string>) => void;
}

/** For whom a choice is made. */
export function Who({ level, target, plant, groups, setParams }: Props) {
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 150);
  const clients = useQuery({ ...reads.clients(search), enabled: level === 'CLIENT' });
  return (
    <div className={classes.who}>
      <SegmentedControl
        size="md"
        aria-label="For whom"
        value={level}
        onChange={(next) => setParams(next === 'PLANT' && plant ? { level: next, plant: plant.id } : plant ? { level: next, example: plant.id } : { level: next })}
        data={[
          { value: 'TEAM', label: 'Team' },
          { value: 'CLIENT', label: 'Client' },
          { value: 'GROUP', label: 'Group' },
          { value: 'PLANT', label: 'Plant' },
        ]}
      />
      {level === 'GROUP' && (
        <NativeSelect
          aria-label="Which group"
          value={target}
          onChange={(e) => setParams({ level, target: e.currentTarget.value })}
          data={[{ value: '', label: 'Which group?' }, ...groups.map((g) => ({ value: g.code, label: g.label }))]}
        />
      )}
      {level === 'CLIENT' && (
        <>
          <TextInput aria-label="Find a client" placeholder="Find a client" value={text} onChange={(e) => setText(e.currentTarget.value)} />
          <NativeSelect
            aria-label="Which client"
            value={target}
            onChange={(e) => setParams({ level, target: e.currentTarget.value })}
            data={[{ value: '', label: 'Which client?' }, ...(clients.data ?? []).map((c) => ({ value: c.id, label: c.name }))]}
          />
        </>
      )}
      {level === 'PLANT' && (
        <p>
          {plant ? (
            <>
              For <Link to={`/plants/${plant.id}`}>{`${plant.commonName} ${plant.label}`}</Link>. Another plant’s own method is under
              “Change” on its page.
            </>
          ) : (
            'Open a plant, then “Change”, then “Its own method”.'
          )}
        </p>
      )}
    </div>
  );
}
