import { Notifications } from '@mantine/notifications';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { Route, Routes } from 'react-router';
import { catalogue, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { EditPotPage } from '../EditPotPage';
import { ImportShelfPage } from '../ImportShelfPage';
import { ShelfPage } from '../ShelfPage';
import { TradePage } from '../TradePage';
import { EMPTY, formOf, readForm } from '../potForm';
import { narrowed, type ShelfItem } from '../useShelf';
import { amount, price, readPrice } from '../words';

const item = (id: string, name: string, more: Partial<ShelfItem> = {}): ShelfItem => ({
  pot: {
    id, name, kind: 'GROW', shape: 'STANDARD', material: 'PLASTIC', topMm: 230, baseMm: 175, topDepthMm: null, baseDepthMm: null, heightMm: 212, mouthMm: null, footMm: 181,
    massG: 560, drainHoles: 6, feet: 0, wireHoles: 0, inStock: 3, lowAt: 2, priceCents: 240, note: '', place: 'Rack A, 2', version: 4, reserved: 1,
  },
  free: 2, few: true,
  reservations: [{ jobId: 'j1', count: 1, plannedOn: '2027-04-20', label: 'T-001', commonName: 'Fig', siteName: 'Hall' }],
  fits: [{ id: 'c', name: 'Sand cover', free: 1, gapMm: 8 }],
  leftOut: [], ...more,
});

const items = [item('a', 'Plastic 23 cm'), item('b', 'Clay jar', { few: false, free: 3, reservations: [] })];

const pages = (
  <>
    <Notifications />
    <Routes>
      <Route path="/shelf" element={<ShelfPage />} />
      <Route path="/shelf/new" element={<EditPotPage />} />
      <Route path="/shelf/trade" element={<TradePage />} />
      <Route path="/shelf/import" element={<ImportShelfPage />} />
      <Route path="/shelf/:id" element={<EditPotPage />} />
    </Routes>
  </>
);

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({
    body: { ...catalogue, tradeSizes: [{ id: 'plastic-9', shape: 'STANDARD', material: 'PLASTIC', topMm: 90, baseMm: 68, heightMm: 83, footMm: 72, massG: 90, drainHoles: 4 }] },
  }));
  answer('GET', /\/api\/shelf$/, () => ({ body: { items } }));
});

describe('the shelf', () => {
  it('is narrowed by words, kind and what is few', () => {
    expect(narrowed(items, { text: 'jar clay', kind: '', onlyFew: false }).map((i) => i.pot.id)).toEqual(['b']);
    expect(narrowed(items, { text: '', kind: 'COVER', onlyFew: false })).toEqual([]);
    expect(narrowed(items, { text: '', kind: '', onlyFew: true }).map((i) => i.pot.id)).toEqual(['a']);
  });

  it('reads prices as people write them', () => {
    expect(readPrice('4.9')).toBe(490);
    expect(readPrice('12,05')).toBe(1205);
    expect(readPrice('')).toBeUndefined();
    expect(readPrice('4.999')).toBeNull();
    expect(amount(490)).toBe('4.90');
    expect(price(490, 'EUR')).toContain('4.90');
    expect(price(490, 'EUR')).toContain('€');
    expect(price(null, 'EUR')).toBe('–');
  });

  it('shows what is free, who has the rest, what it stands in and what is few', async () => {
    show(pages, '/shelf');
    expect(await screen.findByText('Plastic 23 cm')).toBeVisible();
    expect(screen.getByText('few')).toBeVisible();
    expect(screen.getByRole('link', { name: /Fig T-001\s?, 20 Apr/ })).toHaveAttribute('href', '/jobs/j1');
    expect(screen.getAllByText('Stands in Sand cover')).toHaveLength(2);
  });

  it('takes a count and works out what came or went', async () => {
    answer('POST', /\/stock$/, () => ({ body: { items } }));
    show(pages, '/shelf');
    await userEvent.click(await screen.findByRole('button', { name: 'Count of Plastic 23 cm' }));
    const count = await screen.findByLabelText('How many stand there now');
    await userEvent.clear(count);
    await userEvent.type(count, '8');
    await userEvent.click(screen.getByRole('button', { name: 'Add 5' }));
    await waitFor(() => expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({ change: 5, reason: 'Delivered' }));
  });

  it('sends the same move again after a broken line, and another one after a refusal', async () => {
    const moves = () => asked.filter((a) => a.path.endsWith('/stock')).map((a) => (a.body as { id: string }).id);
    answer('POST', /\/stock$/, () => {
      throw new TypeError('no line');
    });
    show(pages, '/shelf');
    await userEvent.click(await screen.findByRole('button', { name: 'Count of Plastic 23 cm' }));
    await userEvent.clear(screen.getByLabelText('How many stand there now'));
    await userEvent.type(screen.getByLabelText('How many stand there now'), '9');
    await userEvent.click(screen.getByRole('button', { name: /^(Add|Take)/ }));
    await screen.findByText(/could not be reached/);
    answer('POST', /\/stock$/, () => ({ status: 409, body: { title: 'Contradicts', detail: '1 of them is reserved.' } }));
    await userEvent.click(screen.getByRole('button', { name: /^(Add|Take)/ }));
    await screen.findByText(/is reserved/);
    await userEvent.click(screen.getByRole('button', { name: /^(Add|Take)/ }));
    await waitFor(() => expect(moves()).toHaveLength(3));
    expect(moves()[1]).toBe(moves()[0]);
    expect(moves()[2]).not.toBe(moves()[1]);
  });

  it('says why fewer cannot be: the words of the server stay in the dialog', async () => {
    answer('POST', /\/stock$/, () => ({ status: 409, body: { title: 'Contradicts', detail: '1 of them is reserved.' } }));
    show(pages, '/shelf');
    await userEvent.click(await screen.findByRole('button', { name: 'Count of Plastic 23 cm' }));
    const count = await screen.findByLabelText('How many stand there now');
    await userEvent.clear(count);
    await userEvent.type(count, '0');
    await userEvent.click(screen.getByRole('button', { name: 'Take 3 away' }));
    expect(await screen.findByText('1 of them is reserved.')).toBeVisible();
  });
});

describe('a pot for the shelf', () => {
  it('tells every field that cannot be read and loses nothing', () => {
    const { wrong } = readForm({ ...EMPTY, topMm: 'wide', inStock: '-1', price: 'x', massG: '0' }, 'METRIC');
    expect(Object.keys(wrong).sort()).toEqual(['inStock', 'massG', 'name', 'priceCents', 'topMm']);
    expect(readForm({ ...EMPTY, name: 'A', topMm: '' }, 'METRIC').wrong.topMm).toContain('Give the inside width');
  });

  it('goes out and comes back with the same measures, in either unit', () => {
    const pot = items[0]?.pot;
    if (!pot) throw new Error('no pot');
    for (const units of ['METRIC', 'IMPERIAL'] as const) {
      const odd = { ...pot, topMm: 231.7, massG: 431 };
      const { request, wrong } = readForm(formOf(odd, units), units, odd);
      expect(wrong).toEqual({});
      expect(request).toMatchObject({ topMm: 231.7, baseMm: pot.baseMm, heightMm: pot.heightMm, massG: 431 });
      expect(readForm({ ...formOf(odd, units), topMm: '10 in', massG: '2 lb' }, units, odd).request).toMatchObject({ topMm: 254, massG: 907.184 });
      expect(request).toMatchObject({ drainHoles: 6, priceCents: 240, lowAt: 2 });
    }
    expect(readForm({ ...formOf(pot, 'METRIC'), shape: 'STANDARD', mouthMm: '10 cm' }, 'METRIC').request.mouthMm).toBeNull();
  });

  it('is saved with its version; a fault stands at its field', async () => {
    answer('PUT', /\/api\/shelf\/a/, () => ({ status: 400, body: { errors: [{ field: 'baseMm', message: 'The base is too wide.' }] } }));
    show(pages, '/shelf/a');
    const base = await screen.findByLabelText('Width at the base');
    await userEvent.clear(base);
    await userEvent.type(base, '14 in');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('The base is too wide.')).toBeVisible();
    expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ baseMm: 355.6 });
  });

  it('starts from trade sizes by their counts', async () => {
    answer('POST', /shelf-from-trade/, () => ({ body: { items } }));
    show(pages, '/shelf/trade');
    await userEvent.type(await screen.findByLabelText(/How many Plastic 9 cm/), '12');
    await userEvent.click(screen.getByRole('button', { name: 'Put 1 sizes on the shelf' }));
    await waitFor(() => expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({ picks: [{ size: 'plastic-9', count: 12 }] }));
  });

  it('is read in from a sheet only when every row is good', async () => {
    answer('POST', /shelf-import/, () => ({
      body: { faults: [], saved: false, rows: [{ line: 2, name: 'A', pot: null, faults: [{ field: 'top', message: 'Write a length.' }] }] },
    }));
    show(pages, '/shelf/import');
    await userEvent.click(await screen.findByRole('button', { name: 'Try it' }));
    expect(await screen.findByText(/1 of 1 rows need mending/)).toBeVisible();
    expect(screen.getByText('top: Write a length.')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Put on the shelf' })).toBeDisabled();
  });
});
