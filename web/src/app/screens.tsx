import { IconAdjustments, IconBell, IconBook2, IconBuilding, IconBuildingWarehouse, IconCalendarWeek, IconHeartHandshake, IconPlant2, IconRoute, IconSeedling, IconStack2, type TablerIcon } from '@tabler/icons-react';
import type { ComponentType } from 'react';
import type { Page } from '../features/find/pages';
import { RoundPage } from '../features/round/RoundPage';

/** Where a browser does not say that it is idle. */
const IDLE_MS = 1500;

interface About {
  /** Where it stands along the rim: always, or behind one button on a phone. */
  rim?: { label: string; icon: TablerIcon; behind?: boolean };
  /** As it is found by a word of its title. */
  found?: { title: string; detail: string };
  /** In the menu of the person who is signed in. */
  own?: string;
  planner?: boolean;
  /** Fetched as soon as the first screen stands: it is what comes next, also where the line has gone meanwhile. */
  soon?: boolean;
}

/** The round comes with the first load, its checks right after it; the rest of the house when it is entered. */
export type Screen = About & { path: string } & ({ screen: ComponentType } | { load: () => Promise<ComponentType> });

const now = (path: string, screen: ComponentType, about: About = {}): Screen => ({ path, screen, ...about });
const later = (path: string, load: () => Promise<ComponentType>, about: About = {}): Screen => ({ path, load, ...about });

/** Every screen of the house, in the order of the work; frame, find and routes read it from here. */
export const SCREENS: Screen[] = [
  now('/', RoundPage, { rim: { label: 'Round', icon: IconRoute }, found: { title: 'Round', detail: 'what is due today, stop by stop' } }),
  later('/plants', () => import('../features/plant/PlantsPage').then((m) => m.PlantsPage), { soon: true, rim: { label: 'Plants', icon: IconPlant2 }, found: { title: 'Plants', detail: 'all plants in care' } }),
  later('/plants/:id', () => import('../features/plant/PlantPage').then((m) => m.PlantPage), { soon: true }),
  later('/plants/:id/check', () => import('../features/check/CheckPage').then((m) => m.CheckPage), { soon: true }),
  later('/plants/:id/repot', () => import('../features/repot/RepotPage').then((m) => m.RepotPage)),
  later('/plants/:id/water', () => import('../features/drydown/DryDownPage').then((m) => m.DryDownPage)),
  later('/plants/:id/edit', () => import('../features/plant/EditPlantPage').then((m) => m.EditPlantPage)),
  later('/add', () => import('../features/plant/WherePage').then((m) => m.WherePage), {
    found: { title: 'Add a plant', detail: 'where, what, its pot' },
  }),
  later('/jobs', () => import('../features/job/JobsPage').then((m) => m.JobsPage), {
    rim: { label: 'Jobs', icon: IconCalendarWeek },
    found: { title: 'Jobs', detail: 'repots by week' },
  }),
  later('/aftercare', () => import('../features/aftercare/WatchPage').then((m) => m.WatchPage), {
    rim: { label: 'Aftercare', icon: IconHeartHandshake, behind: true },
    found: { title: 'Aftercare', detail: 'who recovers, who is in trouble' },
  }),
  later('/counter', () => import('../features/counter/CounterPage').then((m) => m.CounterPage), {
    rim: { label: 'Counter', icon: IconBell, behind: true },
    found: { title: 'Counter', detail: 'the call, its price, a card' },
  }),
  later('/season', () => import('../features/season/SeasonPage').then((m) => m.SeasonPage), {
    rim: { label: 'Season', icon: IconSeedling, behind: true },
    found: { title: 'Season', detail: 'the year ahead, a plan' },
  }),
  later('/week', () => import('../features/season/WeekPage').then((m) => m.WeekPage), {
    found: { title: 'Week', detail: 'crews and days, job by job' },
  }),
  later('/day', () => import('../features/season/DayPage').then((m) => m.DayPage), {
    found: { title: 'A crew’s day', detail: 'stops, jobs, load' },
  }),
  later('/crews', () => import('../features/season/CrewsPage').then((m) => m.CrewsPage), {
    own: 'Crews',
    planner: true,
    found: { title: 'Crews', detail: 'who goes out when' },
  }),
  later('/jobs/:id', () => import('../features/job/JobPage').then((m) => m.JobPage)),
  later('/jobs/:id/card', () => import('../features/aftercare/CardPage').then((m) => m.CardPage)),
  later('/shelf', () => import('../features/shelf/ShelfPage').then((m) => m.ShelfPage), {
    rim: { label: 'Shelf', icon: IconBuildingWarehouse, behind: true },
    found: { title: 'Shelf', detail: 'pots in stock, and what runs out' },
  }),
  later('/shelf/new', () => import('../features/shelf/EditPotPage').then((m) => m.EditPotPage)),
  later('/shelf/trade', () => import('../features/shelf/TradePage').then((m) => m.TradePage)),
  later('/shelf/import', () => import('../features/shelf/ImportShelfPage').then((m) => m.ImportShelfPage)),
  later('/shelf/:id', () => import('../features/shelf/EditPotPage').then((m) => m.EditPotPage)),
  later('/mixes', () => import('../features/mix/MixesPage').then((m) => m.MixesPage), {
    rim: { label: 'Mixes', icon: IconStack2, behind: true },
    found: { title: 'Mixes', detail: 'water and air, stock' },
  }),
  later('/mixes/:code', () => import('../features/mix/MediumPage').then((m) => m.MixPage)),
  later('/ingredients/:code', () => import('../features/mix/MediumPage').then((m) => m.IngredientPage)),
  later('/mixes-import', () => import('../features/mix/ImportMediaPage').then((m) => m.ImportMediaPage)),
  later('/batches', () => import('../features/mix/BatchesPage').then((m) => m.BatchesPage), {
    found: { title: 'Batches', detail: 'mixed for some days' },
  }),
  later('/batches/:id', () => import('../features/mix/BatchPage').then((m) => m.BatchPage)),
  later('/clients', () => import('../features/client/PlacesPage').then((m) => m.PlacesPage), {
    rim: { label: 'Clients', icon: IconBuilding, behind: true },
    found: { title: 'Clients and sites', detail: 'where plants stand' },
  }),
  later('/sites/:id', () => import('../features/client/SitePage').then((m) => m.SitePage)),
  later('/sites/:id/add', () => import('../features/plant/AddPlantPage').then((m) => m.AddPlantPage)),
  later('/sites/:id/enter', () => import('../features/client/EnterPage').then((m) => m.EnterPage)),
  later('/species', () => import('../features/species/SpeciesListPage').then((m) => m.SpeciesListPage), {
    rim: { label: 'Book', icon: IconBook2, behind: true },
    found: { title: 'Species book', detail: 'what each kind needs, and why' },
  }),
  later('/species/:name', () => import('../features/species/SpeciesPage').then((m) => m.SpeciesPage)),
  later('/species/:name/edit', () => import('../features/species/EditSpeciesPage').then((m) => m.EditSpeciesPage)),
  later('/species-new', () => import('../features/species/EditSpeciesPage').then((m) => m.EditSpeciesPage)),
  later('/species-import', () => import('../features/species/ImportSpeciesPage').then((m) => m.ImportSpeciesPage)),
  later('/method', () => import('../features/method/MethodPage').then((m) => m.MethodPage), {
    rim: { label: 'Method', icon: IconAdjustments, behind: true },
    found: { title: 'Method', detail: 'where practice differs' },
  }),
  later('/labels', () => import('../features/label/LabelsPage').then((m) => m.LabelsPage), {
    found: { title: 'Labels', detail: 'codes to scan' },
  }),
  later('/q/:code', () => import('../features/label/OpenLabel').then((m) => m.OpenLabel)),
  later('/you', () => import('../features/team/YouPage').then((m) => m.YouPage), {
    own: 'Your account',
    found: { title: 'Your account', detail: 'units, password' },
  }),
  later('/phones', () => import('../features/team/PhonesPage').then((m) => m.PhonesPage), {
    own: 'Phones',
    found: { title: 'Phones', detail: 'a secure page' },
  }),
  later('/people', () => import('../features/team/PeoplePage').then((m) => m.PeoplePage), {
    own: 'People',
    planner: true,
    found: { title: 'People', detail: 'who may do what' },
  }),
  later('/messages', () => import('../features/message/MessagesPage').then((m) => m.MessagesPage), {
    own: 'Messages',
    found: { title: 'Messages', detail: 'what went, what waits' },
  }),
  later('/team', () => import('../features/team/TeamPage').then((m) => m.TeamPage), {
    own: 'Settings of the team',
    planner: true,
    found: { title: 'Settings of the team', detail: 'name, zone, money, measures' },
  }),
  later('/keeping', () => import('../features/team/KeepingPage').then((m) => m.KeepingPage), {
    own: 'Backups and the disk',
    planner: true,
    found: { title: 'Backups and the disk', detail: 'where the data is safe' },
  }),
  later('/licences', () => import('../features/team/LicencesPage').then((m) => m.LicencesPage), { own: 'Licences' }),
];

/** Does something while nothing else is to be done; answers how to leave it. */
export function whenIdle(work: () => void): () => void {
  if ('requestIdleCallback' in window) {
    const id = window.requestIdleCallback(work);
    return () => window.cancelIdleCallback(id);
  }
  const timer = setTimeout(work, IDLE_MS);
  return () => clearTimeout(timer);
}

/** Fetches what comes next. */
export const fetchSoon = (): (() => void) =>
  whenIdle(() => {
    for (const s of SCREENS) if ('load' in s && s.soon) s.load().catch(() => undefined);
  });

/** What is found of the house by somebody who may plan, or may not. */
export const findable = (mayPlan: boolean): Page[] => [
  ...SCREENS.filter((s) => mayPlan || !s.planner).flatMap((s) => (s.found ? [{ kind: 'PAGE' as const, id: s.path, ...s.found }] : [])),
  { kind: 'PAGE', id: '/plants?order=pressing', title: 'What presses', detail: 'most pressing first' },
];
