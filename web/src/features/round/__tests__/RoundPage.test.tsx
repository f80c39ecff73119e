import { Notifications } from '@mantine/notifications';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { round, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { RoundPage } from '../RoundPage';

const page = (
  <>
    <Notifications />
    <RoundPage />
  </>
);

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/round/, () => ({ body: round }));
});

describe('the round', () => {
  it('shows stops, access and what is due', async () => {
    show(page);
    expect(await screen.findByRole('heading', { name: 'Terminal hall' })).toBeVisible();
    expect(screen.getByText('Key at the desk.')).toBeVisible();
    expect(screen.getByText('Check due')).toBeVisible();
    expect(screen.getByRole('img')).toHaveAccessibleName(/due now/);
  });

  it('logs “nothing to report” in one tap, with a moment of the team’s day', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: {} }));
    show(page);
    await userEvent.click(await screen.findByRole('button', { name: /Nothing to report/ }));
    expect(await screen.findByText('Nothing to report: logged.')).toBeInTheDocument();
    const put = asked.find((a) => a.method === 'PUT');
    expect(put?.body).toMatchObject({ plantId: 'p1', signs: [] });
    expect((put?.body as { checkedAt: string }).checkedAt).toMatch(/^2027-04-12T08:3/);
  });

  it('takes it back with the id it was logged by', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: {} }));
    answer('POST', /\/api\/checks\/undo/, () => ({ status: 204 }));
    show(page);
    await userEvent.click(await screen.findByRole('button', { name: /Nothing to report/ }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some((a) => a.path === '/api/checks/undo')).toBe(true));
    const logged = asked.find((a) => a.method === 'PUT')?.path;
    const taken = asked.find((a) => a.path === '/api/checks/undo')?.body as { checkIds: string[] };
    expect(taken.checkIds.map((id) => `/api/checks/${id}`)).toEqual([logged]);
  });

  it('logs the rest of a stop at once, and leaves what presses to be looked at', async () => {
    const [stop] = round.stops;
    const line = stop?.plants[0];
    if (!stop || !line) throw new Error('no stop');
    const plants = ['p1', 'p2', 'p3'].map((id, i) => ({
      ...line, plant: { ...line.plant, id, label: id }, saucer: i === 0 ? ('URGENT' as const) : ('NOTHING_DUE' as const),
    }));
    answer('GET', /\/api\/round/, () => ({ body: { ...round, stops: [{ ...stop, plants }] } }));
    answer('POST', /\/all-well/, () => ({ status: 204 }));
    show(page);
    expect(await screen.findByText('One presses and wants a look of its own.')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Nothing to report for the rest of Terminal hall: 2 plants' }));
    expect(await screen.findByText('Nothing to report at 2 plants: logged.')).toBeVisible();
    const sent = asked.find((a) => a.path === '/api/checks/all-well')?.body as { plants: { plantId: string }[] };
    expect(sent.plants.map((p) => p.plantId)).toEqual(['p2', 'p3']);
  });

  it('offers no writing to the counter', async () => {
    answer('GET', /\/api\/session/, () => ({ body: { ...session, user: { ...session.user, role: 'COUNTER' } } }));
    show(page);
    await screen.findByRole('heading', { name: 'Terminal hall' });
    expect(screen.queryByRole('button', { name: /Nothing to report/ })).toBeNull();
    expect(screen.queryByRole('link', { name: /Check Fiddle/ })).toBeNull();
  });

  it('says what to mend when the server does not answer', async () => {
    answer('GET', /\/api\/round/, () => ({ status: 500, body: { title: 'Something broke on our side', detail: 'Try again.' } }));
    show(page);
    expect(await screen.findByRole('alert')).toHaveTextContent('Something broke on our side');
    expect(screen.getByRole('button', { name: 'Try again' })).toBeVisible();
  });

  it('begins a visit, shows before its end what is left, and ends it with a note', async () => {
    const begun = { id: 'v1', startedAt: '2027-04-12T08:00:00Z', endedAt: null, note: '' };
    let visit: typeof begun | null = null;
    answer('GET', /\/api\/round/, () => ({ body: { ...round, stops: round.stops.map((s) => ({ ...s, visit })) } }));
    answer('POST', /\/api\/sites\/x\/visits/, () => {
      visit = begun;
      return { body: begun };
    });
    answer('PUT', /\/api\/visits\/v1\/end/, () => ({ body: { ...begun, endedAt: '2027-04-12T08:40:00Z' } }));
    show(page);
    await userEvent.click(await screen.findByRole('button', { name: 'Begin the visit of Terminal hall' }));
    await userEvent.click(await screen.findByRole('button', { name: 'End the visit of Terminal hall' }));
    const dialog = await screen.findByRole('dialog');
    expect(dialog).toHaveTextContent('0 of 1 looked at');
    expect(dialog).toHaveTextContent('a look');
    await userEvent.type(screen.getByLabelText('Note for the record'), 'Lift out');
    await userEvent.click(screen.getByRole('button', { name: 'End the visit' }));
    await waitFor(() => expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ note: 'Lift out' }));
  });
});
