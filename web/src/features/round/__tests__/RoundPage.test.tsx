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
    answer('DELETE', /\/api\/checks\//, () => ({ status: 204 }));
    show(page);
    await userEvent.click(await screen.findByRole('button', { name: /Nothing to report/ }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true));
    const path = (method: string) => asked.find((a) => a.method === method)?.path;
    expect(path('DELETE')).toBe(path('PUT'));
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
});
