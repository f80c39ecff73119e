import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { EnterPage } from '../EnterPage';

const site = { site: { id: 's1', name: 'Hall', plants: 0 }, clientId: 'c1', clientName: 'Ferry Line', spots: [] };
const row = { line: 2, label: 'P-1', spot: 'Desk', species: 'Ficus lyrata', faults: [], assumed: ['Pot with holes'] };

const start = () =>
  show(
    <Routes>
      <Route path="/sites/:id/enter" element={<EnterPage />} />
      <Route path="/plants" element={<p>the list</p>} />
    </Routes>,
    '/sites/s1/enter',
  );

beforeEach(() => {
  forget();
  answer('GET', /\/api\/sites\/s1/, () => ({ body: site }));
});

describe('entering plants', () => {
  it('tries first, and saves only what is faultless', async () => {
    answer('POST', /\/plants$/, (a) => ({
      body: { faults: [], rows: [row], newSpots: ['Desk'], saved: (a.body as { save: boolean }).save },
    }));
    start();
    await userEvent.type(await screen.findByLabelText(/Rows under a head line/), 'spot,species,pot');
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    expect(await screen.findByText(/All 1 rows are good. Nothing is saved yet. New spots: Desk./)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Save 1 plants' }));
    expect(await screen.findByText('the list')).toBeVisible();
    const [tried, saved] = asked.filter((a) => a.method === 'POST').map((a) => a.body as { id: string; save: boolean });
    expect([tried?.save, saved?.save]).toEqual([false, true]);
    expect(saved?.id).toBe(tried?.id);
  });

  it('shows each row’s faults at its line and keeps what was pasted', async () => {
    answer('POST', /\/plants$/, () => ({
      body: { faults: [], rows: [{ ...row, faults: [{ field: 'pot', message: 'Is empty.' }] }], newSpots: [], saved: false },
    }));
    start();
    const sheet = await screen.findByLabelText(/Rows under a head line/);
    await userEvent.type(sheet, 'spot,species');
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    expect(await screen.findByText('1 of 1 rows need mending. Nothing is saved until all are good.')).toBeVisible();
    expect(screen.getAllByRole('row')[1]).toHaveTextContent('2P-1DeskFicus lyratapot: Is empty.');
    expect(screen.getByRole('button', { name: /^Save/ })).toBeDisabled();
    expect(sheet).toHaveValue('spot,species');
  });

  it('says what is wrong with the sheet as a whole', async () => {
    answer('POST', /\/plants$/, () => ({
      body: { faults: [{ field: 'sheet', message: 'The column pot is missing.' }], rows: [], newSpots: [], saved: false },
    }));
    start();
    await userEvent.type(await screen.findByLabelText(/Rows under a head line/), 'spot');
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('The column pot is missing.'));
  });
});
