import { TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconSearch } from '@tabler/icons-react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import classes from './AddPlant.module.css';

/** At which site a plant comes in, where nobody has said it on the way here. */
export function WherePage() {
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 150);
  const { data, error, refetch } = useQuery(reads.clients(search));
  const sites = data?.flatMap((c) => c.sites.map((s) => ({ ...s, clientName: c.name })));
  return (
    <>
      <title>Add a plant · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Add a plant</h1>
          <p>Where does it stand?</p>
        </div>
      </div>
      <TextInput
        aria-label="Find a site"
        placeholder="Site or client"
        leftSection={<IconSearch size={18} aria-hidden />}
        value={text}
        maw={460}
        onChange={(e) => setText(e.currentTarget.value)}
      />
      {error ? <Trouble error={error} again={() => void refetch()} /> : !sites && <Waiting />}
      {sites?.length === 0 && (
        <p>
          {search ? 'No site is called so.' : 'There is no site yet.'} Sites are added under <Link to="/clients">Clients and sites</Link>.
        </p>
      )}
      <ul className={classes.where}>
        {sites?.map((s) => (
          <li key={s.id}>
            <Link to={`/sites/${s.id}/add`}>
              <strong>{s.name}</strong>
              <span>{s.clientName}</span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
