import { Button, NativeSelect, TextInput, UnstyledButton } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconSearch } from '@tabler/icons-react';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { PotGlyph, SAUCERS, SaucerMark, type SaucerState } from '../../ui/PotGlyph';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { count, day, type Units, fromTo } from '../../ui/format';
import { actionWords, plain, saucerWords } from '../../ui/words';
import { useReader } from '../team/session';
import classes from './PlantsPage.module.css';

export function PlantsPage() {
  const { units } = useReader();
  const [params, setParams] = useSearchParams();
  const [text, setText] = useState(params.get('search') ?? '');
  const [search] = useDebouncedValue(text, 150);
  const set = (key: string, value: string | null) => {
    const next = new URLSearchParams(params);
    if (value) next.set(key, value);
    else next.delete(key);
    setParams(next, { replace: true });
  };
  const filter = {
    search,
    site: params.get('site') ?? undefined,
    client: params.get('client') ?? undefined,
    spot: params.get('spot') ?? undefined,
    group: params.get('group') ?? undefined,
    saucer: params.get('saucer') ?? undefined,
    pressingFirst: params.get('order') === 'pressing',
    retired: params.get('retired') === 'yes',
  };
  const groups = useQuery(reads.speciesForm());
  const { data, error, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery(reads.plants(filter));
  const plants = data?.pages.flatMap((p) => p.plants);
  const first = data?.pages[0];
  const place = plants?.[0];
  const narrowed = filter.site ?? filter.client ?? filter.spot;
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
        <Button component={Link} to={filter.site ? `/sites/${filter.site}/add${filter.spot ? `?spot=${filter.spot}` : ''}` : '/add'}>
          Add a plant
        </Button>
      </div>
      <div className={classes.filters}>
        <div role="group" aria-label="What is due" className={classes.saucers}>
          {SAUCERS.map((s) => (
            <UnstyledButton key={s} aria-pressed={filter.saucer === s} onClick={() => set('saucer', filter.saucer === s ? null : s)}>
              <SaucerMark state={s} />
              {saucerWords(s)}
            </UnstyledButton>
          ))}
          <UnstyledButton aria-pressed={filter.retired} onClick={() => set('retired', filter.retired ? null : 'yes')}>
            retired
          </UnstyledButton>
        </div>
        <p className={classes.count} role="status">
          {first && (
            <>
              <span className="measure">{count(first.total ?? 0)}</span> {first.total === 1 ? 'plant' : 'plants'}
              {narrowed && place && ` at ${filter.client && !filter.site ? place.clientName : place.siteName}`}
              {first.waiting > 0 && `. ${count(first.waiting)} are still being looked through for today.`}
              {narrowed && (
                <Button
                  variant="subtle"
                  size="sm"
                  onClick={() => {
                    const next = new URLSearchParams(params);
                    ['site', 'client', 'spot'].forEach((k) => next.delete(k));
                    setParams(next);
                  }}
                >
                  Everywhere
                </Button>
              )}
            </>
          )}
        </p>
        <NativeSelect
          aria-label="Group"
          value={filter.group ?? ''}
          onChange={(e) => set('group', e.currentTarget.value || null)}
          data={[{ value: '', label: 'All groups' }, ...(groups.data?.groups ?? []).map((g) => ({ value: g.code, label: g.label }))]}
        />
        <NativeSelect
          aria-label="Order"
          value={params.get('order') ?? ''}
          onChange={(e) => set('order', e.currentTarget.value || null)}
          data={[{ value: '', label: 'By name' }, { value: 'pressing', label: 'Most pressing first' }]}
        />
      </div>
      {error && <Trouble error={error} />}
      {!plants && !error && <Waiting />}
      {plants?.length === 0 && [...params.keys()].length === 0 && search === '' && (
        <p>
          No plant in care yet. Open a site under <Link to="/clients">Clients and sites</Link> and add the first one there.
        </p>
      )}
      {plants?.length === 0 && ([...params.keys()].length > 0 || search !== '') && <p>No plant is like this. Take a word or a filter away.</p>}
      <ul className={classes.list}>
        {plants?.map((p) => (
          <PlantRow key={p.id} plant={p} units={units} />
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

function PlantRow({ plant: p, units }: { plant: Schemas['PlantItem']; units: Units }) {
  const due = p.dueFrom && p.dueTo ? fromTo(day(p.dueFrom), day(p.dueTo)) : '';
  return (
    <li>
      <Link to={`/plants/${p.id}`}>
        <PotGlyph
          pot={{ topMm: p.potTopMm, baseMm: p.potBaseMm, heightMm: p.potHeightMm }}
          saucer={(p.saucer ?? 'NOTHING_DUE') as SaucerState}
          rootFill={p.rootFill}
          waterLeft={p.waterLeft}
          units={units}
        />
        <span>
          <strong>{p.commonName}</strong>
          <i>{p.species}</i>
        </span>
        <span>
          {p.siteName}
          <small>
            {p.spotName}, {p.clientName}
          </small>
        </span>
        <span className={classes.call}>
          {p.action ? actionWords(p.action) : plain('being looked through')}
          <small>{due}</small>
        </span>
        <span className="measure">{p.label}</span>
      </Link>
    </li>
  );
}
