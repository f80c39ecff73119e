import { Button, TextInput } from '@mantine/core';
import { IconSearch } from '@tabler/icons-react';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useDebouncedValue } from '@mantine/hooks';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, body } from '../../api/client';
import { PotGlyph } from '../../ui/PotGlyph';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { useReader } from '../team/session';
import classes from './PlantsPage.module.css';

const PAGE = 50;

export function PlantsPage() {
  const { units } = useReader();
  const [text, setText] = useState('');
  const [search] = useDebouncedValue(text, 180);
  const { data, error, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({
    queryKey: ['plants', search],
    initialPageParam: 0,
    queryFn: ({ pageParam }) => body(api.GET('/api/plants', { params: { query: { search, page: pageParam } } })),
    getNextPageParam: (last, pages) => (last.length === PAGE ? pages.length : undefined),
    placeholderData: (before) => before,
  });
  const plants = data?.pages.flat();
  return (
    <>
      <title>Plants · Happy Saucer</title>
      <div className={classes.head}>
        <h1>Plants</h1>
        <TextInput
          aria-label="Find a plant"
          placeholder="Name, label, place or client"
          leftSection={<IconSearch size={18} aria-hidden />}
          value={text}
          onChange={(e) => setText(e.currentTarget.value)}
          className={classes.search}
        />
      </div>
      {error && <Trouble error={error} />}
      {!plants && !error && <Waiting />}
      {plants?.length === 0 && <p>No plant has all of these words. Try one of them.</p>}
      <ul className={classes.list}>
        {plants?.map((p) => (
          <li key={p.id}>
            <Link to={`/plants/${p.id}`}>
              <PotGlyph
                pot={{ topMm: p.potTopMm, baseMm: p.potBaseMm, heightMm: p.potHeightMm }}
                saucer="NOTHING_DUE"
                units={units}
              />
              <span>
                <strong>{p.commonName}</strong>
                <i>{p.species}</i>
              </span>
              <span>
                {p.siteName}
                <small>{p.spotName}</small>
              </span>
              <span className="measure">{p.label}</span>
            </Link>
          </li>
        ))}
      </ul>
      {hasNextPage && (
        <Button variant="default" loading={isFetchingNextPage} onClick={() => void fetchNextPage()}>
          Show more
        </Button>
      )}
    </>
  );
}
