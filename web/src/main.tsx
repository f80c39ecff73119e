import './app/fonts.css';
import '@mantine/core/styles.css';
import '@mantine/notifications/styles.css';
import './app/base.css';
import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { router } from './app/routes';
import { theme, variables } from './app/theme';
import { ProblemError } from './api/problem';
import { SESSION_KEY } from './api/reads';

/** Signed out meanwhile, or without the page's token: the frame asks who it is, and the page comes back as it was left. */
const askWho = (error: unknown) => {
  if (error instanceof ProblemError && error.asksWho) void queries.invalidateQueries({ queryKey: SESSION_KEY });
};

const queries: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError: askWho }),
  mutationCache: new MutationCache({ onError: askWho }),
  defaultOptions: {
    queries: {
      staleTime: 20_000,
      refetchOnWindowFocus: true,
      retry: (count, error) => !(error instanceof ProblemError) && count < 2,
    },
  },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <MantineProvider theme={theme} cssVariablesResolver={variables} defaultColorScheme="auto">
        <QueryClientProvider client={queries}>
          <Notifications position="bottom-center" />
          <RouterProvider router={router} />
        </QueryClientProvider>
      </MantineProvider>
    </StrictMode>,
  );
}
