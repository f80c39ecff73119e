import { Notifications } from '@mantine/notifications';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { advice, catalogue, plantView, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { CheckPage } from '../CheckPage';

const page = (
  <>
    <Notifications />
    <Routes>
      <Route path="/plants/:id/check" element={<CheckPage />} />
      <Route path="/plants/:id" element={<p>The plant’s page</p>} />
    </Routes>
  </>
);

beforeEach(() => {
  forget();
  sessionStorage.clear();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({ body: catalogue }));
  answer('GET', /\/api\/plants\/p1/, () => ({ body: plantView }));
  answer('POST', /\/advice$/, () => ({ body: advice('POT_UP', 'SOON') }));
});

const start = () => show(page, '/plants/p1/check');
const yes = () => screen.findByRole('button', { name: 'Yes' });
const sent = () => asked.filter((a) => a.method === 'PUT').map((a) => a.body as Record<string, unknown>);

describe('a check', () => {
  it('asks for the call again at each tap and says it politely', async () => {
    start();
    await userEvent.click(await yes());
    await waitFor(() => expect(document.querySelector('[aria-live="polite"]')).toHaveTextContent('Pot up'));
    const preview = asked.find((a) => a.method === 'POST')?.body;
    expect(preview).toMatchObject({
      signs: [{ code: 'SURFACE_HARD', state: 'PRESENT' }],
      states: [{ code: 'IN_BUD' }],
    });
  });

  it('keeps the roots behind a slip check', async () => {
    start();
    await screen.findByRole('button', { name: 'I have slipped it out' });
    expect(screen.queryByText('Roots circling')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'I have slipped it out' }));
    expect(screen.getByText('Roots circling')).toBeVisible();
  });

  it('saves what was tapped and leaves states alone that nobody touched', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('POT_UP', 'SOON') }));
    start();
    await userEvent.click(await yes());
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    expect(await screen.findByText('The plant’s page')).toBeVisible();
    expect(sent()[0]).toMatchObject({ plantId: 'p1', states: null, minutes: 1 });
  });

  it('sends the states when one was changed', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('POT_UP', 'SOON') }));
    start();
    await userEvent.click(await screen.findByRole('button', { name: 'Resting' }));
    await userEvent.click(screen.getByRole('button', { name: 'In bud' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await screen.findByText('The plant’s page');
    expect(sent()[0]).toMatchObject({ states: [{ code: 'RESTING' }] });
  });

  it('loses nothing when saving fails, and tries again with the same id', async () => {
    let fail = true;
    answer('PUT', /\/api\/checks\//, () =>
      fail ? { status: 400, body: { title: 'No', errors: [{ field: 'checkedAt', message: 'Set the clock.' }] } } : { body: {} },
    );
    start();
    await userEvent.click(await yes());
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    expect(await screen.findByText('Set the clock.')).toBeInTheDocument();
    expect(await yes()).toHaveAttribute('aria-pressed', 'true');
    fail = false;
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await screen.findByText('The plant’s page');
    const paths = asked.filter((a) => a.method === 'PUT').map((a) => a.path);
    expect(paths).toHaveLength(2);
    expect(paths[0]).toBe(paths[1]);
  });

  it('comes back as it was left after a reload', async () => {
    const first = start();
    await userEvent.click(await yes());
    first.unmount();
    start();
    expect(await yes()).toHaveAttribute('aria-pressed', 'true');
  });
});
