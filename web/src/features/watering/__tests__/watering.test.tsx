import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Notifications } from '@mantine/notifications';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { readLitres } from '../../../ui/format';
import { useWatered, type ToWater } from '../Watered';
import { WaterStop } from '../WaterStop';

const fig: ToWater = { id: 'p1', name: 'Rubber fig', label: 'T-1', usual: 0.8, keepDry: null };

function One({ plant }: { plant: ToWater }) {
  const watered = useWatered();
  return (
    <>
      <Notifications />
      <button onClick={() => watered.water(plant)}>tap</button>
      {watered.dialog}
    </>
  );
}

const writes = () => asked.filter((a) => a.method !== 'GET');

describe('amounts of water', () => {
  it('are read in the reader’s own unit or any other', () => {
    expect(readLitres('0,8', 'METRIC')).toBe(0.8);
    expect(readLitres('800 ml', 'METRIC')).toBe(0.8);
    expect(readLitres('1', 'IMPERIAL')).toBe(0.9464);
    expect(readLitres('2 cups', 'METRIC')).toBe(0.4732);
    expect(readLitres('much', 'METRIC')).toBeNull();
    expect(readLitres('-1', 'METRIC')).toBeNull();
  });
});

describe('watering one plant', () => {
  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: session }));
    answer('PUT', /waterings\//, () => ({ status: 204 }));
    answer('POST', /waterings\/undo$/, () => ({ status: 204 }));
  });

  it('logs the usual amount by one tap and takes it back by another', async () => {
    show(<One plant={fig} />);
    await userEvent.click(screen.getByText('tap'));
    expect(await screen.findByText(/Rubber fig T-1: 0.8 L/)).toBeVisible();
    expect(writes()[0]?.body).toMatchObject({ plantId: 'p1', wateredOn: '2027-04-12', litres: 0.8, runOffLitres: null });
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    const id = writes()[0]?.path.split('/').pop();
    expect(writes()[1]?.body).toEqual({ wateringIds: [id] });
  });

  it('changes the amount, with what was caught, in the place of the first', async () => {
    show(<One plant={fig} />);
    await userEvent.click(screen.getByText('tap'));
    await userEvent.click(await screen.findByRole('button', { name: 'Another amount' }));
    const poured = await screen.findByLabelText('Poured');
    await userEvent.clear(poured);
    await userEvent.type(poured, '500 ml');
    await userEvent.type(screen.getByLabelText('Caught below'), '0,1');
    await userEvent.click(screen.getByRole('button', { name: 'Watered' }));
    await screen.findByText(/Rubber fig T-1: 0.5 L/);
    expect(writes().map((w) => w.method)).toEqual(['PUT', 'POST', 'PUT']);
    expect(writes()[2]?.body).toMatchObject({ litres: 0.5, runOffLitres: 0.1 });
  });

  it('asks first where water would do harm', async () => {
    show(<One plant={{ ...fig, keepDry: 'No water until it is on the bench.' }} />);
    await userEvent.click(screen.getByText('tap'));
    expect(await screen.findByRole('alert')).toHaveTextContent('No water until');
    expect(writes()).toHaveLength(0);
    expect(screen.getByRole('button', { name: 'It was watered all the same' })).toBeVisible();
  });
});

describe('watering a stop', () => {
  const at = (id: string, name: string, litres: number) => ({
    plantId: id, label: id, commonName: name, spotName: 'Desk', litres, logged: true, lastOn: null,
  });
  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: session }));
    answer('GET', /pours$/, () => ({ body: [at('a', 'Fig', 1), at('b', 'Fern', 0.5), at('c', 'Lily', 0.3)] }));
    answer('POST', /together$/, () => ({ status: 204 }));
  });

  it('proposes each its own and leaves out what is watered or to be kept dry', async () => {
    const close = vi.fn();
    show(<WaterStop siteId="h1" siteName="Hall" watered={new Set(['b'])} dry={new Map([['c', 'It rots.']])} close={close} />);
    const dialog = await screen.findByRole('dialog');
    expect(await within(dialog).findByText('It rots.')).toBeVisible();
    expect(within(dialog).getByText('1 plant,', { exact: false })).toHaveTextContent('1 plant, 1 L in all');
    await userEvent.click(within(dialog).getByRole('checkbox', { name: /Fern/ }));
    const fern = within(dialog).getByLabelText('Poured on Fern b');
    await userEvent.clear(fern);
    expect(within(dialog).getByText('No amount')).toBeVisible();
    await userEvent.type(fern, '0.25');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Watered' }));
    expect(close).toHaveBeenCalled();
    expect(writes()[0]?.body).toMatchObject({ waterings: [{ plantId: 'a', litres: 1 }, { plantId: 'b', litres: 0.25 }] });
  });
});
