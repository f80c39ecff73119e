import { Button, Menu, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconSearch } from '@tabler/icons-react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { useReader } from '../team/session';
import { byGroup, originWords } from './cells';
import classes from './Species.module.css';

/** The book's contents: kinds under their groups. */
export function SpeciesListPage() {
  const { mayPlan } = useReader();
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 120);
  const { data, error } = useQuery(reads.speciesList(search));
  return (
    <>
      <title>Species book · Happy Saucer</title>
      <div className={page.head}>
        <h1>Species book</h1>
        <div className={page.tools}>
          <TextInput
            aria-label="Find a species"
            placeholder="Any of its names, or its group"
            leftSection={<IconSearch size={18} aria-hidden />}
            value={text}
            onChange={(e) => setText(e.currentTarget.value)}
          />
          <Menu position="bottom-end">
            <Menu.Target>
              <Button variant="default">In and out</Button>
            </Menu.Target>
            <Menu.Dropdown>
              <Menu.Item component="a" href="/api/species-export?format=CSV" download>
                Save all as CSV
              </Menu.Item>
              <Menu.Item component="a" href="/api/species-export?format=JSON" download>
                Save all as JSON
              </Menu.Item>
              {mayPlan && (
                <Menu.Item component={Link} to="/species-import">
                  Read in entries
                </Menu.Item>
              )}
            </Menu.Dropdown>
          </Menu>
          {mayPlan && (
            <Button component={Link} to="/species-new">
              Add a species
            </Button>
          )}
        </div>
      </div>
      {error && <Trouble error={error} />}
      {!data && !error && <Waiting />}
      {data?.length === 0 && <p>The book has no such kind. A plant of it takes the values of its group.</p>}
      <div className={classes.book}>
        {byGroup(data ?? []).map(([label, lines]) => (
          <section key={label} aria-label={label} className={classes.group}>
            <h2>{label}</h2>
            <ul>
              {lines.map((s) => (
                <Kind key={s.name} line={s} />
              ))}
            </ul>
          </section>
        ))}
      </div>
    </>
  );
}

function Kind({ line: s }: { line: Schemas['SpeciesLine'] }) {
  return (
    <li>
      <Link to={`/species/${encodeURIComponent(s.name)}`}>
        <span>
          <i>{s.name}</i>
          {s.origin !== 'SHIPPED' && <b>{originWords(s.origin)}</b>}
        </span>
        <small>
          {s.commonNames.join(', ')}
          {s.plants > 0 && (
            <span className="measure">
              {' '}
              · {s.plants} in care
            </span>
          )}
        </small>
      </Link>
    </li>
  );
}
