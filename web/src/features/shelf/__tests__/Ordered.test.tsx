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
  id: 'o1', shelfPotId: 'a', ingredient: null, pot: 'Plastic 30 cm', supplier: 'Quay Potters', amount: 6, received: 1, orderedOn: '2027-04-01', dueOn: '2027-04-10', endedOn: null,
  note: '', version: 2, waiting: 2,
};

const line = (more: Partial<Schemas['NeededLine']>): Schemas['NeededLine'] => ({
  kind: 'INGREDIENT', code: 'COIR', label: 'coir', amount: 80, unit: 'L', firstOn: '2027-04-14', jobs: 9, stock: 20, onItsWay: 0, wanting: 60, supplier: 'Ostrel', bags: 2, ...more,
});

const needed: Schemas['NeededView'] = {
  weeks: 4, until: '2027-05-10', unplanned: 3,
  lines: [line({}), line({ kind: 'POT', code: 'p', label: 'Plastic 20 cm', amount: 5, unit: 'pieces', stock: 6, wanting: 0, bags: null }), line({ kind: 'FEED', code: 'SLOW_RELEASE', label: 'Slow release', amount: 120, unit: 'g', stock: null, wanting: 0, bags: null, supplier: '' })],
};

const room: Schemas['MixRoomView'] = {
  scoopLitres: 0.5, bucketLitres: 10, version: 1,
  items: [{ kind: 'INGREDIENT', code: 'COIR', label: 'coir', litres: 20, bagLitres: 50, bagCents: 990, supplier: 'Ostrel', lots: [], version: 1 }],
};

const bodies = (path: RegExp) => asked.filter((a) => a.method !== 'GET' && path.test(a.path)).map((a) => a.body as Record<string, unknown>);

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({ body: catalogue }));
  answer('GET', /\/api\/orders$/, () => ({ body: [order] }));
  answer('GET', /\/api\/orders\/needed/, () => ({ body: needed }));
  answer('GET', /\/api\/mix-room/, () => ({ body: room }));
  answer('PUT', /\/api\/orders\//, () => ({ body: [] }));
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

  it('says what the next weeks need, and orders what is wanting in bags', async () => {
    shown();
    expect(await screen.findByText(/3 repots of these weeks have no pot chosen yet/)).toBeInTheDocument();
    const row = screen.getByText('coir').closest('tr');
    expect(row).toHaveAttribute('data-wanting', 'true');
    expect(within(row as HTMLElement).getByText(/2 bags/)).toBeInTheDocument();
    expect(screen.queryByText('Plastic 20 cm')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'All 3 things' }));
    expect(screen.getByText('Plastic 20 cm')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Order Plastic 20 cm' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Order coir' }));
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByLabelText('From whom')).toHaveValue('Ostrel');
    expect(within(dialog).getByLabelText('How many bags')).toHaveValue('2');
  });
});
