import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { AddPlantPage } from '../AddPlantPage';

const site = {
  site: { id: 'h1', clientId: 'c1', name: 'Fern house', latitude: 44, longitude: 8, outdoors: false, siteUse: 'PUBLIC', accessNote: '', visits: { everyWeeks: 1, from: '2027-01-04', days: [{ weekday: 1, opens: null, closes: null }] }, nextVisit: '2027-04-12', version: 1, plants: 0 },
  clientId: 'c1', clientName: 'Gull Head Observatory',
  spots: [{ id: 's1', siteId: 'h1', name: 'Desk', light: 'MEDIUM', version: 1, plants: 0 }],
};
const fig = { species: 'Ficus lyrata', commonName: 'Fiddle-leaf fig', group: 'FIG', groupLabel: 'Figs' };
const pages = (
  <Routes>
    <Route path="/sites/:id/add" element={<AddPlantPage />} />
    <Route path="/plants/:id/check" element={<p>its first check</p>} />
    <Route path="/plants" element={<p>the list</p>} />
  </Routes>
);
const sent = () => asked.find((a) => a.method === 'POST' && a.path.endsWith('/plants'))?.body as Record<string, unknown>;

describe('adding a plant', () => {
  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: session }));
    answer('GET', /sites\/h1$/, () => ({ body: site }));
    answer('GET', /kinds\?/, () => ({ body: [fig] }));
    answer('GET', /kinds\/groups$/, () => ({ body: [{ group: 'PALM', label: 'Palms', looks: 'Fans or feathers.' }] }));
    answer('GET', /catalogue$/, () => ({
      body: { signs: [], tradeSizes: [{ id: 'plastic-19', shape: 'STANDARD', material: 'PLASTIC', topMm: 190, baseMm: 144, heightMm: 175, footMm: 148, massG: 380, drainHoles: 6 }] },
    }));
    answer('POST', /spots\/s1\/plants$/, () => ({ body: [{ id: 'p9', label: 'P-9' }] }));
  });

  it('goes from a name and a size into the first check', async () => {
    show(pages, '/sites/h1/add');
    await userEvent.type(await screen.findByLabelText('Name'), 'fidel');
    await userEvent.click(await screen.findByRole('button', { name: /Fiddle-leaf fig/ }));
    await userEvent.click(screen.getByRole('button', { name: '19 cm' }));
    await userEvent.click(screen.getByRole('button', { name: 'Add it, then look at it' }));
    expect(await screen.findByText('its first check')).toBeVisible();
    expect(sent()).toMatchObject({ species: 'Ficus lyrata', group: null, count: 1, label: null, potTopMm: 190, potHeightMm: 175, potHoles: null });
  });

  it('takes a group from whoever does not know the kind', async () => {
    show(pages, '/sites/h1/add');
    await userEvent.click(await screen.findByRole('button', { name: 'I do not know' }));
    await userEvent.click(await screen.findByRole('button', { name: /Palms/ }));
    await userEvent.type(screen.getByLabelText('What you call it'), 'Lobby palm');
    await userEvent.type(screen.getByLabelText('Width by tape'), '24');
    await userEvent.click(screen.getByRole('button', { name: 'Add it, then look at it' }));
    expect(await screen.findByText('its first check')).toBeVisible();
    expect(sent()).toMatchObject({ species: null, group: 'PALM', commonName: 'Lobby palm', potTopMm: 240, potHeightMm: null });
  });

  it('says everything that is missing at once and sends nothing', async () => {
    show(pages, '/sites/h1/add');
    await userEvent.click(await screen.findByRole('button', { name: 'Add it, then look at it' }));
    expect(screen.getByText(/Choose what it is/)).toBeVisible();
    expect(screen.getByText(/Tap a size/)).toBeVisible();
    expect(sent()).toBeUndefined();
  });

  it('keeps everything typed where the server refuses, and says it at the field', async () => {
    answer('POST', /spots\/s1\/plants$/, () => ({ status: 400, body: { errors: [{ field: 'label', message: 'Another plant has this label.' }] } }));
    show(pages, '/sites/h1/add');
    await userEvent.type(await screen.findByLabelText('Name'), 'fid');
    await userEvent.click(await screen.findByRole('button', { name: /Fiddle-leaf fig/ }));
    await userEvent.click(screen.getByRole('button', { name: '19 cm' }));
    await userEvent.type(screen.getByLabelText('Label'), 'T-001');
    await userEvent.click(screen.getByRole('button', { name: 'Add it, then look at it' }));
    expect(await screen.findByText('Another plant has this label.')).toBeVisible();
    expect(screen.getByLabelText('Label')).toHaveValue('T-001');
  });
});
