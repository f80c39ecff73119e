import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { theme, variables } from './app/theme';

/** Renders a part as the app would, without a server. */
export function show(part: ReactElement, at = '/') {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(part, {
    wrapper: ({ children }) => (
      <MantineProvider theme={theme} cssVariablesResolver={variables} env="test">
        <QueryClientProvider client={queries}>
          <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
        </QueryClientProvider>
      </MantineProvider>
    ),
  });
}
