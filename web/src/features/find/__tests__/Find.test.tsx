import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes, useParams } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { show } from '../../../test-render';
import { findable } from '../../../app/screens';
import { answer, asked, forget } from '../../../test-server';
import { Find } from '../Find';
import { pagesBy, target } from '../pages';

const found = [
  { kind: 'PLANT', id: 'p7', title: 'Fern', detail: 'T-007 · Hall, Desk' },
  { kind: 'SITE', id: 's1', title: 'Fern house', detail: 'Client' },
];

function Opened() {
  return <p>opened {useParams().id}</p>;
}

const close = vi.fn();
const start = () =>
  show(
    <Routes>
      <Route path="/" element={<Find opened close={close} pages={findable(true)} />} />
      <Route path="/plants/:id" element={<Opened />} />
      <Route path="/sites/:id" element={<Opened />} />
    </Routes>,
    '/',
  );

beforeEach(() => {
  forget();
  close.mockClear();
  answer('GET', /\/api\/find/, () => ({ body: found }));
});

describe('find', () => {
  it('opens the first that was found on Enter, even when Enter comes before the answer', async () => {
    start();
    await userEvent.type(await screen.findByRole('combobox'), 'T-007{Enter}');
    expect(await screen.findByText('opened p7')).toBeVisible();
    expect(close).toHaveBeenCalled();
  });

  it('is walked with the arrow keys', async () => {
    start();
    const box = await screen.findByRole('combobox');
    await userEvent.type(box, 'fern');
    await screen.findByRole('option', { name: /Fern house/ });
    await waitFor(() => expect(asked[asked.length - 1]?.path).toContain('text=fern'));
    await userEvent.keyboard('{ArrowDown}');
    expect(screen.getByRole('option', { name: /Fern house/ })).toHaveAttribute('aria-selected', 'true');
    await userEvent.keyboard('{Enter}');
    expect(await screen.findByText('opened s1')).toBeVisible();
  });

  it('offers the pages of the house while nothing is asked', async () => {
    start();
    expect(await screen.findByRole('option', { name: /Species book/ })).toBeVisible();
    expect(asked).toHaveLength(0);
  });

  it('knows pages by a word of their title, and where each kind is opened', () => {
    expect(pagesBy(findable(true), 'meth').map((p) => p.id)).toEqual(['/method']);
    expect(target({ kind: 'SPECIES', id: 'Citrus x limon' })).toBe('/species/Citrus%20x%20limon');
    expect(target({ kind: 'PAGE', id: '/jobs' })).toBe('/jobs');
  });
});
