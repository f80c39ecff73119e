import type { QueryKey } from '@tanstack/react-query';
import { api, body, type Schemas } from './client';

/** One thing that is written: how it is sent, what is stale afterwards, and which read its answer is. */
export interface Write<V, T> {
  send: (variables: V) => Promise<T>;
  touches?: (variables: V, answer: T) => QueryKey[];
  fills?: (answer: T, variables: V) => QueryKey;
}

const write = <V, T>(w: Write<V, T>): Write<V, T> => w;

/** The version that is edited; null for what is new. */
const version = (of: number | null) => (of === null ? {} : { 'If-Match': `"${of}"` });

const done = (): Promise<undefined> => Promise.resolve(undefined);
const plantAnd = (id: string, ...more: string[]): QueryKey[] => [['plant', id], ...more.map((key) => [key])];
const ofAPlant = (id: string) => plantAnd(id, 'plants', 'round', 'season', 'watch');
const ofAJob = (job: Schemas['JobSummary']) => plantAnd(job.plantId, 'jobs', 'round', 'shelf');
const OF_THE_BOOK: QueryKey[] = [['species'], ['species-page'], ['plant'], ['plants'], ['round'], ['catalogue']];
const OF_MEDIA: QueryKey[] = [['medium'], ['mix-room'], ['batches'], ...OF_THE_BOOK];
const OF_THE_SHELF: QueryKey[] = [['shelf'], ['plant']];
const OF_THE_SEASON: QueryKey[] = [['season'], ['jobs'], ['job'], ['round'], ['plant']];
const OF_PLACES: QueryKey[] = [['clients'], ['site'], ['plants'], ['round'], ['plant']];

const job = <V>(send: (variables: V) => Promise<Schemas['JobView']>) =>
  write<V, Schemas['JobView']>({ send, touches: (_, next) => ofAJob(next.job), fills: (next) => ['job', next.job.id] });

const plant = <V extends { id: string }>(send: (variables: V) => Promise<Schemas['PlantView']>, ...more: string[]) =>
  write<V, Schemas['PlantView']>({
    send,
    touches: () => [['plants'], ['round'], ...more.map((key) => [key])],
    fills: (_, { id }) => ['plant', id],
  });

type Versioned<R> = { id: string; version: number; request: R };
type MaybeNew<R> = { id: string; version: number | null; request: R };

/** Everything that is written. */
export const writes = {
  // checks
  logCheck: write({
    send: ({ id, request }: { id: string; request: Schemas['CheckRequest'] }) =>
      api.PUT('/api/checks/{id}', { params: { path: { id } }, body: request }).then(done),
    touches: ({ request }) => ofAPlant(request.plantId),
  }),
  logAllWell: write({
    send: (request: Schemas['AllWellRequest']) => api.POST('/api/checks/all-well', { body: request }).then(done),
    touches: () => [['plant'], ['plants'], ['round']],
  }),
  undoChecks: write({
    send: (request: Schemas['UndoRequest']) => api.POST('/api/checks/undo', { body: request }).then(done),
    touches: () => [['plant'], ['plants'], ['round']],
  }),

  // water
  logWatering: write({
    send: ({ id, request }: { id: string; request: Schemas['WateringRequest'] }) =>
      api.PUT('/api/waterings/{id}', { params: { path: { id } }, body: request }).then(done),
    touches: ({ request }) => [...ofAPlant(request.plantId), ['site']],
  }),
  logWaterings: write({
    send: (request: Schemas['TogetherRequest']) => api.POST('/api/waterings/together', { body: request }).then(done),
    touches: () => [['plant'], ['plants'], ['round'], ['site']],
  }),
  undoWaterings: write({
    send: (request: Schemas['TakeBackRequest']) => api.POST('/api/waterings/undo', { body: request }).then(done),
    touches: () => [['plant'], ['plants'], ['round'], ['site']],
  }),

  // visits
  startVisit: write({
    send: ({ siteId, at }: { siteId: string; at: string }) => body(api.POST('/api/sites/{id}/visits', { params: { path: { id: siteId } }, body: { at } })),
    touches: () => [['round'], ['site'], ['season', 'day']],
  }),
  endVisit: write({
    send: ({ id, request }: { id: string; request: Schemas['EndRequest'] }) => body(api.PUT('/api/visits/{id}/end', { params: { path: { id } }, body: request })),
    touches: () => [['round'], ['site'], ['season', 'day']],
  }),

  // what a person holds against the rules
  setAside: write({
    send: ({ id, request }: { id: string; request: Schemas['AsideRequest'] }) =>
      api.PUT('/api/asides/{id}', { params: { path: { id } }, body: request }).then(done),
    touches: ({ request }) => ofAPlant(request.plantId),
  }),
  letCount: write({
    send: ({ id }: { id: string; plantId: string }) => api.DELETE('/api/asides/{id}', { params: { path: { id } } }).then(done),
    touches: ({ plantId }) => ofAPlant(plantId),
  }),
  overrule: write({
    send: ({ id, request }: { id: string; request: Schemas['OverruleRequest'] }) =>
      api.PUT('/api/overrules/{id}', { params: { path: { id } }, body: request }).then(done),
    touches: ({ request }) => ofAPlant(request.plantId),
  }),
  letRulesDecide: write({
    send: ({ id }: { id: string; plantId: string }) => api.DELETE('/api/overrules/{id}', { params: { path: { id } } }).then(done),
    touches: ({ plantId }) => ofAPlant(plantId),
  }),

  // plants
  savePlant: plant(({ id, version: of, request }: Versioned<Schemas['PlantRequest']>) =>
    body(api.PUT('/api/plants/{id}', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
  ),
  movePlant: plant(({ id, version: of, request }: Versioned<Schemas['MoveRequest']>) =>
    body(api.PUT('/api/plants/{id}/place', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
  ),
  mergePlants: plant(
    ({ id, version: of, request }: Versioned<Schemas['MergeRequest']>) =>
      body(api.POST('/api/plants/{id}/merge', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
    'jobs',
    'site',
    'clients',
  ),
  retirePlant: plant(
    ({ id, version: of, request }: Versioned<Schemas['RetireRequest']>) =>
      body(api.PUT('/api/plants/{id}/retired', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
    'jobs',
  ),
  addPlants: write({
    send: ({ spotId, request }: { spotId: string; request: Schemas['AddRequest'] }) =>
      body(api.POST('/api/spots/{id}/plants', { params: { path: { id: spotId } }, body: request })),
    touches: () => [['site'], ['plants'], ['round'], ['clients']],
  }),
  enterPlants: write({
    send: ({ siteId, request }: { siteId: string; request: Schemas['EntryRequest'] }) =>
      body(api.POST('/api/sites/{id}/plants', { params: { path: { id: siteId } }, body: request })),
    touches: (_, view) => (view.saved ? [['site'], ['plants'], ['round'], ['clients']] : []),
  }),
  careDone: write({
    send: ({ stepId, doneOn }: { stepId: string; plantId: string; doneOn: string | null }) =>
      api.PUT('/api/aftercare/{id}/done', { params: { path: { id: stepId } }, body: { doneOn } }).then(done),
    touches: ({ plantId }) => plantAnd(plantId, 'round', 'season', 'watch'),
  }),
  skipCare: write({
    send: ({ stepId, why }: { stepId: string; plantId: string; why: string | null }) =>
      api.PUT('/api/aftercare/{id}/skip', { params: { path: { id: stepId } }, body: { why } }).then(done),
    touches: ({ plantId }) => plantAnd(plantId, 'round', 'season', 'watch'),
  }),
  moveCare: write({
    send: ({ stepId, fromOn }: { stepId: string; plantId: string; fromOn: string }) =>
      api.PUT('/api/aftercare/{id}/day', { params: { path: { id: stepId } }, body: { fromOn } }).then(done),
    touches: ({ plantId }) => plantAnd(plantId, 'round', 'season', 'watch'),
  }),
  openCareLink: write({
    send: ({ jobId, open }: { jobId: string; open: boolean }) => body(api.PUT('/api/jobs/{id}/care-link', { params: { path: { id: jobId } }, body: { open } })),
    fills: (_, { jobId }) => ['care-link', jobId],
    touches: ({ jobId }) => [['reminded', jobId]],
  }),
  answerReport: write({
    send: ({ id, words }: { id: string; words: string }) => api.POST('/api/care-reports/{id}/answer', { params: { path: { id } }, body: { words } }).then(done),
    touches: () => [['watch']],
  }),
  keepWalkIn: write({
    send: ({ id, request }: { id: string; request: Schemas['WalkInRequest'] }) => body(api.PUT('/api/counter/{id}', { params: { path: { id } }, body: request })),
    touches: () => [['counter'], ['clients']],
  }),
  potWalkIn: write({
    send: ({ id, request }: { id: string; request: Schemas['PottedRequest'] }) => body(api.POST('/api/counter/{id}/potted', { params: { path: { id } }, body: request })),
    touches: () => [['counter'], ['shelf'], ['jobs']],
  }),
  leaveWalkIn: write({
    send: ({ id, request }: { id: string; request: Schemas['LeftRequest'] }) => body(api.POST('/api/counter/{id}/left', { params: { path: { id } }, body: request })),
    touches: () => [['counter'], ['shelf'], ['jobs']],
  }),
  walkInStatus: write({
    send: ({ id, version: of, request }: Versioned<Schemas['StatusRequest']>) =>
      body(api.PUT('/api/counter/{id}/status', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
    touches: () => [['counter']],
  }),
  walkInClient: write({
    send: ({ id, request }: { id: string; request: Schemas['BecomeRequest'] }) => body(api.POST('/api/counter/{id}/client', { params: { path: { id } }, body: request })),
    touches: () => [['counter'], ['clients'], ['site'], ['plants'], ['plant']],
  }),
  remind: write({
    send: ({ id, request }: { id: string; request: Schemas['SubscriberRequest'] }) => body(api.PUT('/api/reminded/{id}', { params: { path: { id } }, body: request })),
    fills: (_, { request }) => ['reminded', request.jobId],
  }),
  endReminded: write({
    send: ({ id }: { id: string; jobId: string }) => body(api.POST('/api/reminded/{id}/end', { params: { path: { id } } })),
    fills: (_, { jobId }) => ['reminded', jobId],
  }),
  lookForMessages: write<undefined, Schemas['MessagesView']>({ send: () => body(api.POST('/api/messages/look', {})), fills: () => ['messages'] }),
  sendAgain: write({
    send: ({ id }: { id: string }) => body(api.POST('/api/messages/{id}/again', { params: { path: { id } } })),
    fills: () => ['messages'],
  }),
  saveTemplate: write({
    send: ({ id, version: of, request }: { id: Schemas['TemplateView']['kind']; version: number; request: Schemas['TemplateRequest'] }) =>
      body(api.PUT('/api/message-templates/{kind}', { params: { path: { kind: id }, header: { 'If-Match': `"${of}"` } }, body: request })),
    touches: () => [['message-templates']],
  }),
  dropTemplate: write({
    send: ({ kind }: { kind: Schemas['TemplateView']['kind'] }) => body(api.DELETE('/api/message-templates/{kind}', { params: { path: { kind } } })),
    touches: () => [['message-templates']],
  }),
  tellOutcome: write({
    send: ({ jobId, request }: { jobId: string; plantId: string; request: Schemas['OutcomeRequest'] }) =>
      api.PUT('/api/jobs/{id}/outcome', { params: { path: { id: jobId } }, body: request }).then(done),
    touches: ({ plantId }) => [['plant', plantId], ['watch']],
  }),

  // jobs and the bench
  scheduleJob: job(({ id, request }: { id: string; request: Schemas['JobRequest'] }) => body(api.PUT('/api/jobs/{id}', { params: { path: { id } }, body: request }))),
  changePlan: job(({ id, version: of, request }: Versioned<Schemas['PlanRequest']>) =>
    body(api.PUT('/api/jobs/{id}/plan', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
  ),
  moveJob: job(({ id, version: of, request }: Versioned<Schemas['DayRequest']>) =>
    body(api.PUT('/api/jobs/{id}/day', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
  ),
  tellFound: job(({ id, version: of, request }: Versioned<Schemas['FoundRequest']>) =>
    body(api.PUT('/api/jobs/{id}/found', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
  ),
  tellKept: job(({ id, request }: { id: string; request: Schemas['BreakOutRequest'] }) =>
    body(api.PUT('/api/jobs/{id}/break-out', { params: { path: { id } }, body: request })),
  ),
  tellSetting: job(({ id, request }: { id: string; request: Schemas['SettingRequest'] }) =>
    body(api.PUT('/api/jobs/{id}/setting', { params: { path: { id } }, body: request })),
  ),
  finishJob: job(({ id, request }: { id: string; request: Schemas['DoneRequest'] }) =>
    body(api.PUT('/api/jobs/{id}/done', { params: { path: { id } }, body: request })),
  ),
  dropJob: job(({ id }: { id: string }) => body(api.DELETE('/api/jobs/{id}', { params: { path: { id } } }))),
  tickStep: write({
    send: ({ jobId, position, tickedAt }: { jobId: string; position: number; tickedAt: string | null }) =>
      api.PUT('/api/jobs/{id}/steps/{position}', { params: { path: { id: jobId, position } }, body: { tickedAt } }).then(done),
  }),

  // the season
  beginRun: write({
    send: ({ id, request }: { id: string; request: Schemas['RunRequest'] }) => body(api.PUT('/api/season/runs/{id}', { params: { path: { id } }, body: request })),
    fills: (run) => ['season-run', run.id],
    touches: () => [['season']],
  }),
  stopRun: write({
    send: ({ id }: { id: string }) => body(api.POST('/api/season/runs/{id}/stop', { params: { path: { id } } })),
    touches: (_, run) => [['season-run', run.id]],
  }),
  acceptRun: write({
    send: ({ id }: { id: string }) => body(api.POST('/api/season/runs/{id}/accept', { params: { path: { id } } })),
    fills: (run) => ['season-run', run.id],
    touches: () => OF_THE_SEASON,
  }),
  throwRunAway: write({
    send: ({ id }: { id: string }) => api.DELETE('/api/season/runs/{id}', { params: { path: { id } } }).then(done),
    touches: () => [['season']],
  }),
  undoPlan: write({
    send: ({ id }: { id: string }) => body(api.POST('/api/season/changes/{id}/undo', { params: { path: { id } } })),
    touches: () => OF_THE_SEASON,
  }),
  saveWeights: write({
    send: (request: Schemas['Weights']) => body(api.PUT('/api/season/weights', { body: request })),
    touches: () => [['season']],
  }),
  placeJob: write({
    send: ({ id, version: of, request }: Versioned<Schemas['PlaceRequest']>) =>
      body(api.PUT('/api/season/jobs/{id}/place', { params: { path: { id }, header: { 'If-Match': `"${of}"` } }, body: request })),
    touches: () => OF_THE_SEASON,
  }),
  pinJob: write({
    send: ({ id, pinned }: { id: string; pinned: boolean }) => body(api.PUT('/api/season/jobs/{id}/pin', { params: { path: { id } }, body: { pinned } })),
    touches: () => [['season']],
  }),
  addSeasonJob: write({
    send: ({ id, request }: { id: string; request: Schemas['HandRequest'] }) =>
      api.PUT('/api/season/jobs/{id}', { params: { path: { id } }, body: request }).then(done),
    touches: () => [['season']],
  }),
  sayOfJob: write({
    send: ({ id, request }: { id: string; request: Schemas['FactsRequest'] }) =>
      api.PUT('/api/season/jobs/{id}/facts', { params: { path: { id } }, body: request }).then(done),
    touches: () => [['season']],
  }),
  takeOutJob: write({
    send: ({ id, why }: { id: string; why: string }) => api.POST('/api/season/jobs/{id}/drop', { params: { path: { id } }, body: { why } }).then(done),
    touches: () => OF_THE_SEASON,
  }),
  seasonJobDone: write({
    send: ({ id, request }: { id: string; request: Schemas['SeasonDoneRequest'] }) =>
      api.POST('/api/season/jobs/{id}/done', { params: { path: { id } }, body: request }).then(done),
    touches: () => OF_THE_SEASON,
  }),
  skipSeasonJob: write({
    send: ({ id, why }: { id: string; why: string }) => api.POST('/api/season/jobs/{id}/skip', { params: { path: { id } }, body: { why } }).then(done),
    touches: () => OF_THE_SEASON,
  }),
  publishWeek: write({
    send: ({ of }: { of: string }) => body(api.POST('/api/season/weeks/{of}/publish', { params: { path: { of } } })),
    touches: () => OF_THE_SEASON,
  }),
  endCrewDay: write({
    send: ({ crewId, on, why }: { crewId: string; on: string; why: string }) => body(api.POST('/api/crews/{id}/day/end', { params: { path: { id: crewId } }, body: { on, why } })),
    touches: () => OF_THE_SEASON,
  }),
  openFeed: write({
    send: ({ kind, id, open }: { kind: 'CREW' | 'CLIENT'; id: string; open: boolean }) =>
      kind === 'CREW'
        ? body(api.PUT('/api/crews/{id}/feed', { params: { path: { id } }, body: { open } }))
        : body(api.PUT('/api/clients/{id}/feed', { params: { path: { id } }, body: { open } })),
    touches: () => [['feeds']],
  }),
  saveCrew: write({
    send: ({ id, version: of, request }: MaybeNew<Schemas['CrewRequest']>) =>
      api.PUT('/api/crews/{id}', { params: { path: { id }, header: version(of) }, body: request }).then(done),
    touches: () => [['crews'], ['season']],
  }),
  saveAbsence: write({
    send: ({ id, request }: { id: string; request: Schemas['AbsenceRequest'] }) =>
      api.PUT('/api/absences/{id}', { params: { path: { id } }, body: request }).then(done),
    touches: () => [['crews'], ['season']],
  }),
  endAbsence: write({
    send: ({ id }: { id: string }) => api.DELETE('/api/absences/{id}', { params: { path: { id } } }).then(done),
    touches: () => [['crews'], ['season']],
  }),

  // the shelf
  savePot: write({
    send: ({ id, version: of, request }: MaybeNew<Schemas['ShelfPotRequest']>) =>
      body(api.PUT('/api/shelf/{id}', { params: { path: { id }, header: version(of) }, body: request })),
    touches: () => OF_THE_SHELF,
  }),
  saveOrder: write({
    send: ({ id, version: of, request }: MaybeNew<Schemas['OrderRequest']>) =>
      body(api.PUT('/api/orders/{id}', { params: { path: { id }, header: version(of) }, body: request })),
    touches: () => [['season'], ['orders', 'needed']],
    fills: () => ['orders'],
  }),
  receiveOrder: write({
    send: ({ id, request }: { id: string; request: Schemas['DeliveryRequest'] }) =>
      body(api.POST('/api/orders/{id}/deliveries', { params: { path: { id } }, body: request })),
    touches: () => [...OF_THE_SHELF, ...OF_THE_SEASON, ['mix-room'], ['supplies'], ['batches'], ['orders', 'needed']],
    fills: () => ['orders'],
  }),
  saveSupply: write({
    send: ({ id, version: of, request }: Versioned<Schemas['SupplyRequest']>) => {
      const [kind = '', code = ''] = id.split('/');
      return body(api.PUT('/api/supplies/{kind}/{code}', { params: { path: { kind, code }, header: { 'If-Match': `"${of}"` } }, body: request }));
    },
    touches: () => [['orders', 'needed']],
    fills: () => ['supplies'],
  }),
  removePot: write({
    send: ({ id }: { id: string }) => body(api.DELETE('/api/shelf/{id}', { params: { path: { id } } })),
    touches: () => OF_THE_SHELF,
  }),
  moveStock: write({
    send: ({ potId, request }: { potId: string; request: Schemas['MoveStockRequest'] }) =>
      body(api.POST('/api/shelf/{id}/stock', { params: { path: { id: potId } }, body: request })),
    touches: () => [['plant']],
    fills: () => ['shelf'],
  }),
  enterShelf: write({
    send: (request: Schemas['ShelfImportRequest']) => body(api.POST('/api/shelf-import', { body: request })),
    touches: (_, view) => (view.saved ? OF_THE_SHELF : []),
  }),
  addFromTrade: write({
    send: (request: Schemas['FromTradeRequest']) => body(api.POST('/api/shelf-from-trade', { body: request })),
    touches: () => OF_THE_SHELF,
  }),

  // clients, sites and spots
  saveClient: write({
    send: ({ id, version: of, request }: MaybeNew<Schemas['ClientRequest']>) =>
      api.PUT('/api/clients/{id}', { params: { path: { id }, header: version(of) }, body: request }).then(done),
    touches: () => OF_PLACES,
  }),
  saveSite: write({
    send: ({ id, version: of, request }: MaybeNew<Schemas['SiteRequest']>) =>
      api.PUT('/api/sites/{id}', { params: { path: { id }, header: version(of) }, body: request }).then(done),
    touches: () => OF_PLACES,
  }),
  saveSpot: write({
    send: ({ id, version: of, request }: MaybeNew<Schemas['SpotRequest']>) =>
      api.PUT('/api/spots/{id}', { params: { path: { id }, header: version(of) }, body: request }).then(done),
    touches: () => OF_PLACES,
  }),

  // the book and the method
  saveSpecies: write({
    send: ({ name, version: of, cells }: { name: string; version: number; cells: Schemas['Cell'][] }) =>
      body(api.PUT('/api/species/{name}', { params: { path: { name }, header: { 'If-Match': `"${of}"` } }, body: { cells } })),
    touches: () => OF_THE_BOOK,
  }),
  resetSpecies: write({
    send: ({ name }: { name: string }) => api.DELETE('/api/species/{name}', { params: { path: { name } } }).then(done),
    touches: () => OF_THE_BOOK,
  }),
  enterSpecies: write({
    send: (request: Schemas['SpeciesImport']) => body(api.POST('/api/species-import', { body: request })),
    touches: (_, view) => (view.saved ? OF_THE_BOOK : []),
  }),

  // the mix room
  saveMedium: write({
    send: ({ kind, code, version: of, cells }: { kind: 'INGREDIENT' | 'MIX'; code: string; version: number; cells: Schemas['Cell'][] }) =>
      body(api.PUT('/api/media/{kind}/{name}', { params: { path: { kind, name: code }, header: { 'If-Match': `"${of}"` } }, body: { cells } })),
    touches: () => OF_MEDIA,
  }),
  resetMedium: write({
    send: ({ kind, code }: { kind: 'INGREDIENT' | 'MIX'; code: string }) => api.DELETE('/api/media/{kind}/{name}', { params: { path: { kind, name: code } } }).then(done),
    touches: () => OF_MEDIA,
  }),
  enterMedia: write({
    send: (request: Schemas['MediumImport']) => body(api.POST('/api/media-import', { body: request })),
    touches: () => OF_MEDIA,
  }),
  bucketTest: write({
    send: ({ code, id, request }: { code: string; id: string; request: Schemas['BucketTestRequest'] }) =>
      body(api.PUT('/api/media/MIX/{name}/tests/{id}', { params: { path: { name: code, id } }, body: request })),
    touches: () => OF_MEDIA,
  }),
  voidBucketTest: write({
    send: ({ code, id }: { code: string; id: string }) => body(api.DELETE('/api/media/MIX/{name}/tests/{id}', { params: { path: { name: code, id } } })),
    touches: () => OF_MEDIA,
  }),
  moveMix: write({
    send: (request: Schemas['MixMoveRequest']) => body(api.POST('/api/mix-room/moves', { body: request })),
    touches: () => OF_MEDIA,
  }),
  buyMix: write({
    send: ({ code, version: of, request }: { code: string; version: number; request: Schemas['MixItemRequest'] }) =>
      body(api.PUT('/api/mix-room/items/{name}', { params: { path: { name: code }, header: { 'If-Match': `"${of}"` } }, body: request })),
    touches: () => OF_MEDIA,
  }),
  mixMeasures: write({
    send: ({ version: of, request }: { version: number; request: Schemas['MeasuresRequest'] }) =>
      body(api.PUT('/api/mix-room/measures', { params: { header: { 'If-Match': `"${of}"` } }, body: request })),
    touches: () => OF_MEDIA,
  }),
  makeBatch: write({
    send: ({ id, request }: { id: string; request: Schemas['BatchRequest'] }) => body(api.PUT('/api/batches/{id}', { params: { path: { id } }, body: request })),
    touches: () => OF_MEDIA,
  }),
  chooseMethod: write({
    send: (request: Schemas['ChoiceRequest']) => body(api.PUT('/api/method', { body: request })),
    touches: () => [['plant'], ['plants'], ['round'], ['method-effect']],
    fills: () => ['method'],
  }),

  // the team
  saveTeam: write({
    send: ({ version: of, request }: { version: number; request: Schemas['SettingsRequest'] }) =>
      body(api.PUT('/api/team', { params: { header: { 'If-Match': `"${of}"` } }, body: request })),
    touches: () => [['session'], ['round'], ['jobs'], ['plant'], ['plants']],
    fills: () => ['team'],
  }),
  savePerson: write({
    send: ({ id, request }: { id: string; request: Schemas['PersonRequest'] }) =>
      body(api.PUT('/api/people/{id}', { params: { path: { id } }, body: request })),
    touches: () => [['session']],
    fills: () => ['people'],
  }),
  makeCode: write({
    send: ({ id }: { id: string }) => body(api.POST('/api/people/{id}/code', { params: { path: { id } } })),
    touches: () => [['people']],
  }),
  setAccess: write({
    send: ({ id, ended }: { id: string; ended: boolean }) => body(api.PUT('/api/people/{id}/access', { params: { path: { id } }, body: { ended } })),
    fills: () => ['people'],
  }),
  changePassword: write({
    send: (request: Schemas['PasswordRequest']) => body(api.PUT('/api/session/password', { body: request })),
    fills: () => ['own-sessions'],
  }),
  endSession: write({
    send: ({ id }: { id: string }) => body(api.DELETE('/api/session/sessions/{id}', { params: { path: { id } } })),
    fills: () => ['own-sessions'],
  }),
  startBackup: write({ send: () => body(api.POST('/api/keeping/backup')), fills: () => ['keeping'] }),
  stopBackup: write({ send: () => body(api.DELETE('/api/keeping/backup')), fills: () => ['keeping'] }),
};
