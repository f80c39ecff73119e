import { createBrowserRouter } from 'react-router';
import { CardPage } from '../features/aftercare/CardPage';
import { CheckPage } from '../features/check/CheckPage';
import { JobPage } from '../features/job/JobPage';
import { JobsPage } from '../features/job/JobsPage';
import { EditPlantPage } from '../features/plant/EditPlantPage';
import { PlantPage } from '../features/plant/PlantPage';
import { PlantsPage } from '../features/plant/PlantsPage';
import { RepotPage } from '../features/repot/RepotPage';
import { RoundPage } from '../features/round/RoundPage';
import { NotFound } from './NotFound';
import { Shell } from './Shell';

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    children: [
      { index: true, element: <RoundPage /> },
      { path: 'plants', element: <PlantsPage /> },
      { path: 'plants/:id', element: <PlantPage /> },
      { path: 'plants/:id/check', element: <CheckPage /> },
      { path: 'plants/:id/repot', element: <RepotPage /> },
      { path: 'plants/:id/edit', element: <EditPlantPage /> },
      { path: 'jobs', element: <JobsPage /> },
      { path: 'jobs/:id', element: <JobPage /> },
      { path: 'jobs/:id/card', element: <CardPage /> },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
