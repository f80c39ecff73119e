import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, body, type Schemas } from './client';

/** One page of a long list, as the server counts it. */
const PLANTS_A_PAGE = 50;
const CLIENTS_A_PAGE = 40;
const MINUTE = 60_000;

/** What is due changes; counts of plants that wait to be looked through anew are asked for again. */
const AGAIN_MS = 3000;

/** A search for a plan is looked at so often. */
const RUN_AGAIN_MS = 700;

type PlantsQuery = NonNullable<Parameters<typeof api.GET<'/api/plants', object>>[1]>;

export interface PlantFilter {
  search: string;
  site: string | undefined;
  client: string | undefined;
  spot: string | undefined;
  group: string | undefined;
  saucer: string | undefined;
  pressingFirst: boolean;
  retired: boolean;
}

const clientsBy = (search: string, page?: number) => body(api.GET('/api/clients', { params: { query: { search, page } } }));

/** Everything that is asked of the server: under which key it is kept, and how it is asked. */
export const reads = {
  round: (date: string) => queryOptions({ queryKey: ['round', date], queryFn: () => body(api.GET('/api/round', { params: { query: { date } } })) }),
  plants: (filter: PlantFilter) =>
    infiniteQueryOptions({
      queryKey: ['plants', filter],
      initialPageParam: 0,
      queryFn: ({ pageParam }) => body(api.GET('/api/plants', { params: { query: { ...filter, page: pageParam } } } as PlantsQuery)),
      getNextPageParam: (last, pages) => (last.plants.length === PLANTS_A_PAGE ? pages.length : undefined),
      placeholderData: (before) => before,
      refetchInterval: (query) => ((query.state.data?.pages[0]?.waiting ?? 0) > 0 ? AGAIN_MS : false),
    }),
  mostPressing: () =>
    queryOptions({
      queryKey: ['plants', 'example'],
      queryFn: () => body(api.GET('/api/plants', { params: { query: { pressingFirst: true } } })),
      staleTime: MINUTE,
    }),
  plant: (id: string) => queryOptions({ queryKey: ['plant', id], queryFn: () => body(api.GET('/api/plants/{id}', { params: { path: { id } } })) }),
  twin: (id: string) => queryOptions({ queryKey: ['plant', id, 'twin'], queryFn: () => body(api.GET('/api/plants/{id}/twin', { params: { path: { id } } })) }),
  fit: (id: string) => queryOptions({ queryKey: ['plant', id, 'fit'], queryFn: () => body(api.GET('/api/plants/{id}/fit', { params: { path: { id } } })) }),
  whatIf: (id: string, asked: Schemas['WhatIfRequest']) =>
    queryOptions({
      queryKey: ['plant', id, 'what-if', asked],
      queryFn: ({ signal }) => body(api.POST('/api/plants/{id}/what-if', { params: { path: { id } }, body: asked, signal })),
      placeholderData: keepPreviousData,
      staleTime: MINUTE,
    }),
  /** The call as it would be with what has been tapped so far. */
  preview: (id: string, asked: Schemas['Preview']) =>
    queryOptions({
      queryKey: ['preview', id, asked],
      queryFn: () => body(api.POST('/api/plants/{id}/advice', { params: { path: { id } }, body: asked })),
      placeholderData: (before) => before,
      gcTime: 10_000,
    }),
  /** What was tapped on a photo, in millimetres and degrees. */
  photoMeasures: (id: string, taps: Schemas['TapsRequest'] | null) =>
    queryOptions({
      queryKey: ['photo-measures', id, taps],
      queryFn: () => (taps ? body(api.POST('/api/plants/{id}/photo-measures', { params: { path: { id } }, body: taps })) : Promise.reject(new Error('nothing is tapped'))),
      placeholderData: (before) => before,
      retry: false,
      gcTime: 10_000,
    }),
  jobs: (from: string, to: string) => queryOptions({ queryKey: ['jobs', from], queryFn: () => body(api.GET('/api/jobs', { params: { query: { from, to } } })) }),
  job: (id: string) => queryOptions({ queryKey: ['job', id], queryFn: () => body(api.GET('/api/jobs/{id}', { params: { path: { id } } })) }),
  watch: () => queryOptions({ queryKey: ['watch'], queryFn: () => body(api.GET('/api/watch', {})) }),
  careLink: (id: string) => queryOptions({ queryKey: ['care-link', id], queryFn: () => body(api.GET('/api/jobs/{id}/care-link', { params: { path: { id } } })) }),
  card: (id: string) => queryOptions({ queryKey: ['card', id], queryFn: () => body(api.GET('/api/jobs/{id}/card', { params: { path: { id } } })) }),
  mixes: (asked: { topMm: number; heightMm: number | null; coarseMm: number; species: string | null }) =>
    queryOptions({
      queryKey: ['species', 'mixes', asked],
      queryFn: () => body(api.GET('/api/mixes', { params: { query: { topMm: asked.topMm, coarseMm: asked.coarseMm, heightMm: asked.heightMm ?? undefined, species: asked.species ?? undefined } } })),
      placeholderData: (before) => before,
      staleTime: MINUTE,
    }),
  substitutes: (code: string, topMm: number) =>
    queryOptions({
      queryKey: ['medium', 'substitutes', code, topMm],
      queryFn: () => body(api.GET('/api/mixes/{name}/substitutes', { params: { path: { name: code }, query: { topMm } } })),
      placeholderData: (before) => before,
    }),
  mixRoom: () => queryOptions({ queryKey: ['mix-room'], queryFn: () => body(api.GET('/api/mix-room', {})) }),
  mixMoves: (kind: 'INGREDIENT' | 'MIX', code: string) =>
    queryOptions({ queryKey: ['mix-room', 'moves', kind, code], queryFn: () => body(api.GET('/api/mix-room/moves', { params: { query: { kind, code } } })) }),
  batches: (lot?: string) => queryOptions({ queryKey: ['batches', lot ?? 'all'], queryFn: () => body(api.GET('/api/batches', { params: { query: { lot } } })) }),
  batch: (id: string) => queryOptions({ queryKey: ['batches', 'one', id], queryFn: () => body(api.GET('/api/batches/{id}', { params: { path: { id } } })) }),
  batchWanted: (asked: { from: string; to: string; crewId: string | null; jobs: string[] | null; reuse: boolean }) =>
    queryOptions({
      queryKey: ['batches', 'wanted', asked],
      queryFn: () => body(api.GET('/api/batches/wanted', { params: { query: { ...asked, crewId: asked.crewId ?? undefined, jobs: asked.jobs ?? undefined } } })),
      placeholderData: (before) => before,
    }),
  medium: (kind: 'INGREDIENT' | 'MIX', name: string) =>
    queryOptions({ queryKey: ['medium', kind, name], queryFn: () => body(api.GET('/api/media/{kind}/{name}', { params: { path: { kind, name } } })) }),
  mediumEffect: (kind: 'INGREDIENT' | 'MIX', cells: Schemas['Cell'][]) =>
    queryOptions({
      queryKey: ['medium-effect', kind, cells],
      queryFn: ({ signal }) => body(api.POST('/api/media-effect/{kind}', { params: { path: { kind } }, body: { cells }, signal })),
      retry: false,
      gcTime: 10_000,
    }),
  dryDown: (id: string) => queryOptions({ queryKey: ['plant', id, 'dry-down'], queryFn: () => body(api.GET('/api/plants/{id}/dry-down', { params: { path: { id } } })) }),
  counter: () => queryOptions({ queryKey: ['counter'], queryFn: () => body(api.GET('/api/counter', {})) }),
  counterFound: (text: string) =>
    queryOptions({ queryKey: ['counter', 'found', text], queryFn: () => body(api.GET('/api/counter/found', { params: { query: { text } } })), placeholderData: (before) => before }),
  /** The call for what is in a hand; nothing is asked while it cannot be said what it is. */
  counterLook: (asked: Schemas['LookRequest'] | null) =>
    queryOptions({
      queryKey: ['counter', 'look', asked],
      enabled: asked !== null,
      queryFn: ({ signal }) => (asked ? body(api.POST('/api/counter/look', { body: asked, signal })) : Promise.reject(new Error('nothing is in the hand'))),
      placeholderData: (before) => (asked === null ? undefined : before),
      retry: false,
      gcTime: 10_000,
    }),
  messages: () => queryOptions({ queryKey: ['messages'], queryFn: () => body(api.GET('/api/messages', {})) }),
  messageTemplates: () => queryOptions({ queryKey: ['message-templates'], queryFn: () => body(api.GET('/api/message-templates', {})) }),
  messagePreview: (kind: Schemas['TemplateView']['kind'], asked: Schemas['TemplateRequest']) =>
    queryOptions({
      queryKey: ['message-preview', kind, asked],
      queryFn: () => body(api.POST('/api/message-templates/{kind}/preview', { params: { path: { kind } }, body: asked })),
      placeholderData: (before) => before,
      retry: false,
      gcTime: 10_000,
    }),
  reminded: (jobId: string) => queryOptions({ queryKey: ['reminded', jobId], queryFn: () => body(api.GET('/api/jobs/{id}/reminded', { params: { path: { id: jobId } } })) }),
  supplies: () => queryOptions({ queryKey: ['supplies'], queryFn: () => body(api.GET('/api/supplies', {})) }),
  orders: () => queryOptions({ queryKey: ['orders'], queryFn: () => body(api.GET('/api/orders', {})) }),
  needed: (weeks: number) =>
    queryOptions({ queryKey: ['orders', 'needed', weeks], queryFn: () => body(api.GET('/api/orders/needed', { params: { query: { weeks } } })), placeholderData: (before) => before }),
  shelf: () => queryOptions({ queryKey: ['shelf'], queryFn: () => body(api.GET('/api/shelf', {})) }),
  clients: (search: string) => queryOptions({ queryKey: ['clients', search], queryFn: () => clientsBy(search), placeholderData: (before) => before }),
  clientPages: (search: string) =>
    infiniteQueryOptions({
      queryKey: ['clients', 'pages', search],
      initialPageParam: 0,
      queryFn: ({ pageParam }) => clientsBy(search, pageParam),
      getNextPageParam: (last, pages) => (last.length === CLIENTS_A_PAGE ? pages.length : undefined),
      placeholderData: (before) => before,
    }),
  site: (id: string) => queryOptions({ queryKey: ['site', id], queryFn: () => body(api.GET('/api/sites/{id}', { params: { path: { id } } })) }),
  visits: (siteId: string) =>
    queryOptions({ queryKey: ['site', siteId, 'visits'], queryFn: () => body(api.GET('/api/sites/{id}/visits', { params: { path: { id: siteId } } })) }),
  pours: (siteId: string) =>
    queryOptions({ queryKey: ['site', siteId, 'pours'], queryFn: () => body(api.GET('/api/sites/{id}/pours', { params: { path: { id: siteId } } })) }),
  find: (text: string) =>
    queryOptions({
      queryKey: ['find', text],
      queryFn: () => body(api.GET('/api/find', { params: { query: { text } } })),
      placeholderData: (before) => before,
    }),
  labels: () => queryOptions({ queryKey: ['labels'], queryFn: () => body(api.GET('/api/labels')) }),
  trust: () => queryOptions({ queryKey: ['trust'], queryFn: () => body(api.GET('/api/trust')) }),
  catalogue: () => queryOptions({ queryKey: ['catalogue'], queryFn: () => body(api.GET('/api/catalogue')), staleTime: 60 * MINUTE }),
  kinds: (text: string) =>
    queryOptions({
      queryKey: ['species', 'kinds', text],
      queryFn: () => body(api.GET('/api/kinds', { params: { query: { text } } })),
      placeholderData: (before) => before,
    }),
  looks: () => queryOptions({ queryKey: ['species', 'looks'], queryFn: () => body(api.GET('/api/kinds/groups')), staleTime: 60 * MINUTE }),
  speciesList: (search: string) =>
    queryOptions({
      queryKey: ['species', search],
      queryFn: () => body(api.GET('/api/species', { params: { query: { search } } })),
      placeholderData: (before) => before,
    }),
  species: (name: string) =>
    queryOptions({ queryKey: ['species-page', name], queryFn: () => body(api.GET('/api/species/{name}', { params: { path: { name } } })) }),
  speciesForm: () => queryOptions({ queryKey: ['species-form'], queryFn: () => body(api.GET('/api/species-form')), staleTime: 10 * MINUTE }),
  speciesEffect: (cells: Schemas['EntryCells']['cells']) =>
    queryOptions({
      queryKey: ['species-effect', cells],
      queryFn: () => body(api.POST('/api/species-effect', { body: { cells } })),
      retry: false,
      placeholderData: (before) => before,
      gcTime: 10_000,
    }),
  resetEffect: (name: string) =>
    queryOptions({
      queryKey: ['species-reset', name],
      queryFn: () => body(api.GET('/api/species/{name}/reset-effect', { params: { path: { name } } })),
      gcTime: 0,
    }),
  method: () => queryOptions({ queryKey: ['method'], queryFn: () => body(api.GET('/api/method')) }),
  methodEffect: (asked: Schemas['EffectRequest']) =>
    queryOptions({ queryKey: ['method-effect', asked], queryFn: () => body(api.POST('/api/method/effect', { body: asked })) }),
  season: () => queryOptions({ queryKey: ['season'], queryFn: () => body(api.GET('/api/season')) }),
  seasonRun: (id: string) =>
    queryOptions({
      queryKey: ['season-run', id],
      queryFn: () => body(api.GET('/api/season/runs/{id}', { params: { path: { id } } })),
      refetchInterval: (query) => (query.state.data && !['WAITING', 'RUNNING'].includes(query.state.data.status) ? false : RUN_AGAIN_MS),
    }),
  seasonWeek: (of: string) =>
    queryOptions({
      queryKey: ['season', 'week', of],
      queryFn: () => body(api.GET('/api/season/week', { params: { query: { of } } })),
      placeholderData: keepPreviousData,
    }),
  /** What stands for and against a day. */
  whyOn: (id: string, on: string) =>
    queryOptions({
      queryKey: ['season', 'why', id, on],
      queryFn: () => body(api.GET('/api/season/jobs/{id}/why', { params: { path: { id }, query: { on } } })),
      gcTime: 10_000,
    }),
  crews: () => queryOptions({ queryKey: ['crews'], queryFn: () => body(api.GET('/api/crews')) }),
  feeds: () => queryOptions({ queryKey: ['feeds'], queryFn: () => body(api.GET('/api/feeds')) }),
  crewDay: (id: string, on: string) =>
    queryOptions({
      queryKey: ['season', 'day', id, on],
      queryFn: () => body(api.GET('/api/crews/{id}/day', { params: { path: { id }, query: { on } } })),
      placeholderData: keepPreviousData,
    }),
  keeping: () => queryOptions({ queryKey: ['keeping'], queryFn: () => body(api.GET('/api/keeping')) }),
  people: () => queryOptions({ queryKey: ['people'], queryFn: () => body(api.GET('/api/people')) }),
  team: () => queryOptions({ queryKey: ['team'], queryFn: () => body(api.GET('/api/team')) }),
  ownSessions: () => queryOptions({ queryKey: ['own-sessions'], queryFn: () => body(api.GET('/api/session/sessions')) }),
};

/** Under this key it is kept who is signed in. */
export const SESSION_KEY = ['session'];
