import { Notifications } from '@mantine/notifications';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Schemas } from '../../../api/client';
import { catalogue, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { Ordered } from '../Ordered';

const order: Schemas['OrderView'] = {
  id: 'o1', shelfPotId: 'a', pot: 'Plastic 30 cm', supplier: 'Quay Potters', amount: 6, received: 1, orderedOn: '2027-04-01', dueOn: '2027-04-10', endedOn: null,
  note: '', version: 2, waiting: 2,
};

const bodies = (path: RegExp) => asked.filter((a) => a.method !== 'GET' && path.test(a.path)).map((a) => a.body as Record<string, unknown>);

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({ body: catalogue }));
  answer('GET', /\/api\/orders/, () => ({ body: [order] }));
  answer('POST', /\/deliveries/, () => ({ body: [] }));
});

const shown = () =>
  show(
    <>
      <Notifications />
      <Ordered items={[]} />
    </>,
    '/shelf',
  );

describe('what is on its way', () => {
  it('says what is late and what waits for it', async () => {
    shown();
    expect(await screen.findByText(/5 × Plastic 30 cm/)).toBeInTheDocument();
    expect(screen.getByText(/overdue/)).toBeInTheDocument();
    expect(screen.getByText(/2 jobs wait for it/)).toBeInTheDocument();
  });

  it('takes what came, and leaves the rest open or ends it', async () => {
    shown();
    await userEvent.click(await screen.findByRole('button', { name: 'Plastic 30 cm came' }));
    const dialog = await screen.findByRole('dialog');
    const count = within(dialog).getByLabelText('How many came');
    await userEvent.clear(count);
    expect(within(dialog).getByText('Say how many came.')).toBeInTheDocument();
    await userEvent.type(count, '3');
    await userEvent.click(within(dialog).getByRole('button', { name: 'On the shelf; 2 still to come' }));
    await waitFor(() => expect(bodies(/deliveries/)[0]).toMatchObject({ amount: 3, last: false }));
  });
});
