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
  id: 'o1', shelfPotId: 'a', ingredient: null, supply: null, pot: 'Plastic 30 cm', supplier: 'Quay Potters', amount: 6, received: 1, orderedOn: '2027-04-01', dueOn: '2027-04-10', endedOn: null,
  note: '', version: 2, waiting: 2,
};

const line = (more: Partial<Schemas['NeededLine']>): Schemas['NeededLine'] => ({
  kind: 'INGREDIENT', code: 'COIR', label: 'coir', amount: 80, unit: 'L', firstOn: '2027-04-14', jobs: 9, stock: 20, onItsWay: 0, wanting: 60, supplier: 'Ostrel', bags: 2, ...more,
});

const needed: Schemas['NeededView'] = {
  weeks: 4, until: '2027-05-10', unplanned: 3,
  lines: [line({}), line({ kind: 'POT', code: 'p', label: 'Plastic 20 cm', amount: 5, unit: 'pieces', stock: 6, wanting: 0, bags: null }), line({ kind: 'FEED', code: 'FEED/SLOW_RELEASE', label: 'Slow release feed', amount: 120, unit: 'g', stock: null, wanting: 0, bags: null, supplier: '' })],
};

const room: Schemas['MixRoomView'] = {
  scoopLitres: 0.5, bucketLitres: 10, version: 1,
  items: [{ kind: 'INGREDIENT', code: 'COIR', label: 'coir', litres: 20, bagLitres: 50, bagCents: 990, supplier: 'Ostrel', lots: [], version: 1 }],
};

const mesh: Schemas['SupplyView'] = { key: 'TOOL/MESH', label: 'Mesh', unit: 'pieces', stock: -3, pack: 50, supplier: 'Quay Potters', version: 4 };

const bodies = (path: RegExp) => asked.filter((a) => a.method !== 'GET' && path.test(a.path)).map((a) => a.body as Record<string, unknown>);

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({ body: catalogue }));
  answer('GET', /\/api\/orders$/, () => ({ body: [order] }));
  answer('GET', /\/api\/orders\/needed/, () => ({ body: needed }));
  answer('GET', /\/api\/mix-room/, () => ({ body: room }));
  answer('GET', /\/api\/supplies/, () => ({ body: [mesh] }));
  answer('PUT', /\/api\/supplies\//, () => ({ body: [mesh] }));
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

  it('counts feed for the first time', async () => {
    shown();
    await userEvent.click(await screen.findByRole('button', { name: 'All 3 things' }));
    await userEvent.click(screen.getByRole('button', { name: 'Count Slow release feed' }));
    const dialog = await screen.findByRole('dialog');
    expect(await within(dialog).findByText('Say how much stands there, or how it is bought.')).toBeInTheDocument();
    await userEvent.type(within(dialog).getByLabelText('Stands there now'), '250');
    await userEvent.type(within(dialog).getByLabelText('A pack holds'), '1000');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(bodies(/supplies\/FEED\/SLOW_RELEASE/)[0]).toEqual({ stock: 250, pack: 1000, supplier: '' }));
  });

  it('tells of mesh that more was used than was counted, and orders it by the pack', async () => {
    answer('GET', /\/api\/orders\/needed/, () => ({
      body: { ...needed, lines: [line({ kind: 'SUNDRY', code: 'TOOL/MESH', label: 'Mesh', amount: 31, unit: 'pieces', stock: -3, wanting: 31, supplier: 'Quay Potters', bags: 1 })] },
    }));
    shown();
    await userEvent.click(await screen.findByRole('button', { name: 'Count Mesh' }));
    const dialog = await screen.findByRole('dialog');
    expect(await within(dialog).findByText(/3 more were used than were counted/)).toBeInTheDocument();
    expect(within(dialog).getByLabelText('Stands there now')).toHaveValue('0');
    await userEvent.keyboard('{Escape}');
    expect(screen.getByText(/\(one pack\)/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Order Mesh' }));
    const ordering = await screen.findByRole('dialog', { name: 'An order' });
    expect(within(ordering).getByLabelText('How many packs')).toHaveValue('1');
    await userEvent.type(within(ordering).getByLabelText('Comes on'), '2027-04-20');
    await userEvent.keyboard('{Tab}');
    await userEvent.click(within(ordering).getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(bodies(/api\/orders\//)[0]).toMatchObject({ supply: 'TOOL/MESH', shelfPotId: null, ingredient: null, amount: 1 }));
  });
});
