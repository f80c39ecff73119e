import { createBrowserRouter } from 'react-router';
import { CheckPage } from '../features/check/CheckPage';
import { PlantPage } from '../features/plant/PlantPage';
import { PlantsPage } from '../features/plant/PlantsPage';
import { RoundPage } from '../features/round/RoundPage';
import { Waiting } from '../ui/Waiting';
import { Broken } from './Broken';
import { NotFound } from './NotFound';
import { Shell } from './Shell';

/** What a round needs comes with the first load; the rest of the house when it is entered. */
const later = (path: string, load: () => Promise<React.ComponentType>) => ({
  path,
  lazy: async () => ({ Component: await load() }),
});

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    HydrateFallback: Waiting,
    errorElement: <Broken />,
    children: [
      {
        // a screen that breaks leaves the frame standing
        errorElement: <Broken />,
        children: [
          { index: true, element: <RoundPage /> },
          { path: 'plants', element: <PlantsPage /> },
          { path: 'plants/:id', element: <PlantPage /> },
          { path: 'plants/:id/check', element: <CheckPage /> },
          later('plants/:id/repot', () => import('../features/repot/RepotPage').then((m) => m.RepotPage)),
          later('plants/:id/edit', () => import('../features/plant/EditPlantPage').then((m) => m.EditPlantPage)),
          later('jobs', () => import('../features/job/JobsPage').then((m) => m.JobsPage)),
          later('jobs/:id', () => import('../features/job/JobPage').then((m) => m.JobPage)),
          later('jobs/:id/card', () => import('../features/aftercare/CardPage').then((m) => m.CardPage)),
          later('shelf', () => import('../features/shelf/ShelfPage').then((m) => m.ShelfPage)),
          later('shelf/new', () => import('../features/shelf/EditPotPage').then((m) => m.EditPotPage)),
          later('shelf/trade', () => import('../features/shelf/TradePage').then((m) => m.TradePage)),
          later('shelf/import', () => import('../features/shelf/ImportShelfPage').then((m) => m.ImportShelfPage)),
          later('shelf/:id', () => import('../features/shelf/EditPotPage').then((m) => m.EditPotPage)),
          later('clients', () => import('../features/client/PlacesPage').then((m) => m.PlacesPage)),
          later('sites/:id', () => import('../features/client/SitePage').then((m) => m.SitePage)),
          later('sites/:id/enter', () => import('../features/client/EnterPage').then((m) => m.EnterPage)),
          later('species', () => import('../features/species/SpeciesListPage').then((m) => m.SpeciesListPage)),
          later('species/:name', () => import('../features/species/SpeciesPage').then((m) => m.SpeciesPage)),
          later('species/:name/edit', () => import('../features/species/EditSpeciesPage').then((m) => m.EditSpeciesPage)),
          later('species-new', () => import('../features/species/EditSpeciesPage').then((m) => m.EditSpeciesPage)),
          later('species-import', () => import('../features/species/ImportSpeciesPage').then((m) => m.ImportSpeciesPage)),
          later('method', () => import('../features/method/MethodPage').then((m) => m.MethodPage)),
          later('keeping', () => import('../features/team/KeepingPage').then((m) => m.KeepingPage)),
          later('licences', () => import('../features/team/LicencesPage').then((m) => m.LicencesPage)),
          { path: '*', element: <NotFound /> },
        ],
      },
    ],
  },
]);
