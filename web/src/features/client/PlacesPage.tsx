import { Button, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconSearch } from '@tabler/icons-react';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { useReader } from '../team/session';
import { PlaceForm, type PlaceEdit } from './PlaceForm';
import { planWords } from './visits';
import { passingWords } from './words';
import classes from './Places.module.css';

/** Clients and their sites. */
export function PlacesPage() {
  const { mayWork } = useReader();
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 150);
  const [edit, setEdit] = useState<PlaceEdit | null>(null);
  const { data, error, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery(reads.clientPages(search));
  const clients = data?.pages.flat();
  return (
    <>
      <title>Clients and sites · Happy Saucer</title>
      <div className={page.head}>
        <h1>Clients and sites</h1>
        <div className={page.tools}>
          <TextInput
            aria-label="Find a client or site"
            placeholder="Client or site"
            leftSection={<IconSearch size={18} aria-hidden />}
            value={text}
            onChange={(e) => setText(e.currentTarget.value)}
          />
          {mayWork && <Button onClick={() => setEdit({ kind: 'client' })}>Add a client</Button>}
        </div>
      </div>
      {error && <Trouble error={error} />}
      {!clients && !error && <Waiting />}
      {clients?.length === 0 && (
        <p>{search ? 'No client or site has these letters.' : 'No client yet. Add the first one, then a site, then its plants.'}</p>
      )}
      {clients?.map((c) => (
        <section key={c.id} className={classes.client} aria-labelledby={`client-${c.id}`}>
          <header>
            <h2 id={`client-${c.id}`}>{c.name}</h2>
            <div className={classes.acts}>
              <Link to={`/plants?client=${c.id}`}>Its plants</Link>
              {mayWork && (
                <Button variant="subtle" size="sm" aria-label={`Rename ${c.name}`} onClick={() => setEdit({ kind: 'client', client: c })}>
                  Rename
                </Button>
              )}
              {mayWork && (
                <Button
                  variant="subtle"
                  size="sm"
                  aria-label={`Add a site to ${c.name}`}
                  onClick={() => setEdit({ kind: 'site', clientId: c.id })}
                >
                  Add a site
                </Button>
              )}
            </div>
          </header>
          <ul>
            {c.sites.map((s) => (
              <SiteLine key={s.id} site={s} />
            ))}
            {c.sites.length === 0 && <li className={page.soft}>No site yet.</li>}
          </ul>
        </section>
      ))}
      {hasNextPage && (
        <Button variant="default" loading={isFetchingNextPage} onClick={() => void fetchNextPage()}>
          Show more
        </Button>
      )}
      <PlaceForm edit={edit} close={() => setEdit(null)} />
    </>
  );
}

function SiteLine({ site }: { site: Schemas['SiteItem'] }) {
  return (
    <li>
      <Link to={`/sites/${site.id}`}>
        <strong>{site.name}</strong>
        <span>{passingWords(site.siteUse)}</span>
        <span>{planWords(site.visits)}</span>
        <span>
          <b className="measure">{site.plants}</b> {site.plants === 1 ? 'plant' : 'plants'}
        </span>
      </Link>
    </li>
  );
}
