import { createBrowserRouter, type RouteObject } from 'react-router';
import { Waiting } from '../ui/Waiting';
import { Broken } from './Broken';
import { NotFound } from './NotFound';
import { Shell } from './Shell';
import { SCREENS, type Screen } from './screens';

const route = (s: Screen): RouteObject =>
  'load' in s ? { path: s.path, lazy: async () => ({ Component: await s.load() }) } : { path: s.path, element: <s.screen /> };

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
        children: [...SCREENS.map(route), { path: '*', element: <NotFound /> }],
      },
    ],
  },
]);
