import { screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';

import { MantineProvider } from '@mantine/core';
import { render } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { newId } from '../../api/client';
import { Broken } from '../../app/Broken';
import { keepDraft, readDraft, EMPTY } from '../../features/check/draft';
import { show } from '../../test-render';
import { LeftOut } from '../LeftOut';
import { bytes } from '../format';

afterEach(() => vi.restoreAllMocks());

describe('ids', () => {
  test('are UUIDs of version 4 and differ, on a page that lacks randomUUID as well', () => {
    const real = globalThis.crypto;
    vi.stubGlobal('crypto', { getRandomValues: <T extends ArrayBufferView>(a: T) => real.getRandomValues(a as never) as unknown as T, randomUUID: undefined });
    const ids = new Set(Array.from({ length: 500 }, newId));
    vi.unstubAllGlobals();
    expect(ids.size).toBe(500);
    for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  });
});

describe('a screen that breaks', () => {
  function Breaks(): never {
    throw new Error('nothing to draw');
  }

  test('says so in our words, with a way on, and keeps what was tapped', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    keepDraft('p1', { ...EMPTY, note: 'half a note' });
    const router = createMemoryRouter([{ path: '/', element: <Breaks />, errorElement: <Broken /> }]);
    render(
      <MantineProvider env="test">
        <RouterProvider router={router} />
      </MantineProvider>,
    );
    expect(await screen.findByRole('alert')).toHaveTextContent('This screen broke');
    expect(screen.getByRole('link', { name: 'Back to the round' })).toBeInTheDocument();
    expect(screen.getByRole('alert')).toHaveTextContent('nothing to draw');
    expect(readDraft('p1').note).toBe('half a note');
  });
});

describe('facts that are not counted', () => {
  test('are named with what is on record and what to mend', () => {
    show(
      <LeftOut
        facts={[
          { field: 'pot.baseMm', message: 'Must be between 20 and 3000 mm.', value: '19' },
          { field: 'history.waterings[2].date', message: 'Must not be after the date of the case.', value: '2027-04-20' },
        ]}
        mendAt="/plants/p1/edit"
      />,
    );
    expect(screen.getByText('Base of the pot')).toBeInTheDocument();
    expect(screen.getByText(/\(19\): Must be between/)).toBeInTheDocument();
    expect(screen.getByText('A watering')).toBeInTheDocument();
    expect(screen.getByRole('link')).toHaveAttribute('href', '/plants/p1/edit');
  });

  test('take no room where there are none', () => {
    show(<LeftOut facts={[]} />);
    expect(screen.queryByText('Not counted')).toBeNull();
  });
});

describe('sizes of files', () => {
  test.each([
    [400, '1 kB'],
    [83_000, '83 kB'],
    [2_450_000, '2.5 MB'],
    [64_000_000, '64 MB'],
    [5_300_000_000, '5.3 GB'],
  ])('%i bytes', (n, words) => expect(bytes(n)).toBe(words));
});
