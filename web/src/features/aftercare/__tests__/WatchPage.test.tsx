import { Notifications } from '@mantine/notifications';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { Route, Routes } from 'react-router';
import type { Schemas } from '../../../api/client';
import { catalogue, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { WatchPage } from '../WatchPage';

const step: Schemas['CareView'] = {
  id: 's1', jobId: 'j1', plantId: 'p1', fromOn: '2027-04-10', toOn: '2027-04-14', kind: 'FOLLOW_UP', who: 'TECHNICIAN', text: 'Settled? Look at ties.',
  normal: 'It stands firm.', alarming: 'It wilts while wet.', then: 'Log it as a check.', doneOn: null, skippedWhy: null, wasFrom: null,
};

const plant: Schemas['WatchedPlant'] = {
  plantId: 'p1', jobId: 'j1', label: 'T-011', commonName: 'Sword fern', spotName: 'Gallery', siteId: 't', siteName: 'Reading room', potShape: 'STANDARD',
  potTopMm: 190, potBaseMm: 150, potHeightMm: 170, rootFill: 0.4, waterLeft: 0.6, action: 'POT_UP', doneOn: '2027-03-28', day: 15, level: 'ALARM', points: 60,
  reasons: ['It wilted while wet on 12 April 2027.', 'Its roots were hardly touched.'],
  now: { sign: 'WILTS_WHEN_WET', text: 'No water. Lift it and probe the old ball.', look: true, againOn: '2027-04-13' },
  due: [step], next: null, expected: [{ on: '2027-03-28', wet: 1 }, { on: '2027-04-12', wet: 0.7 }], poured: ['2027-03-28'], found: [],
  reports: [{ id: 'r1', words: 'It hangs.', photoId: null, receivedAt: '2027-04-12T06:00:00Z' }], outcome: null,
};

const calm: Schemas['WatchedPlant'] = { ...plant, plantId: 'p2', label: 'T-038', commonName: 'Fig', level: 'CALM', day: 30, now: null, due: [], reports: [], reasons: [] };

const sent = (path: RegExp) => asked.filter((a) => path.test(a.path)).map((a) => a.body);

const pages = (
  <>
    <Notifications />
    <Routes>
      <Route path="/aftercare" element={<WatchPage />} />
    </Routes>
  </>
);

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({ body: catalogue }));
  answer('GET', /\/api\/watch/, () => ({ body: { today: '2027-04-12', plants: [plant, calm], calm: 1 } }));
});

describe('the aftercare watch', () => {
  it('tells who presses, why, and what to do now', async () => {
    show(pages, '/aftercare');
    const first = await screen.findByRole('listitem', { name: 'Sword fern T-011' });
    expect(screen.getByText('2 plants recover: 1 to keep an eye on, 1 as they should be.')).toBeInTheDocument();
    expect(within(first).getByText('In trouble')).toBeInTheDocument();
    expect(within(first).getByText(/probe the old ball/)).toBeInTheDocument();
    expect(within(first).getByRole('link', { name: /Check Sword fern/ })).toHaveTextContent('Look at its roots');
    expect(within(first).getByRole('img', { name: /about 70 % of its water today; watered once since/ })).toBeInTheDocument();
    const second = screen.getByRole('listitem', { name: 'Fig T-038' });
    expect(within(second).getByText('Goes as it should')).toBeInTheDocument();
    expect(within(second).getByRole('button', { name: 'Took well' })).toBeInTheDocument();
    expect(within(first).queryByRole('button', { name: 'Took well' })).toBeNull();
  });

  it('leaves a step out only with a reason', async () => {
    answer('PUT', /\/api\/aftercare\/s1\/skip/, () => ({ status: 204 }));
    show(pages, '/aftercare');
    const first = await screen.findByRole('listitem', { name: 'Sword fern T-011' });
    await userEvent.click(within(first).getByRole('button', { name: 'Leave out' }));
    await userEvent.type(within(first).getByLabelText('Why is it left out?'), 'The office moves.');
    await userEvent.click(within(first).getByRole('button', { name: 'Leave it out' }));
    await waitFor(() => expect(sent(/skip/)).toEqual([{ why: 'The office moves.' }]));
  });

  it('answers whoever waters', async () => {
    answer('POST', /\/api\/care-reports\/r1\/answer/, () => ({ status: 204 }));
    show(pages, '/aftercare');
    const first = await screen.findByRole('listitem', { name: 'Sword fern T-011' });
    expect(within(first).getByText(/It hangs\./)).toBeInTheDocument();
    await userEvent.type(within(first).getByLabelText('Answer them'), 'Leave it dry.');
    await userEvent.click(within(first).getByRole('button', { name: 'Answer' }));
    await waitFor(() => expect(sent(/answer/)).toEqual([{ words: 'Leave it dry.' }]));
  });
});
