import { Notifications } from '@mantine/notifications';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { advice, catalogue, plantView, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { CheckPage } from '../CheckPage';

const page = (
  <>
    <Notifications />
    <Routes>
      <Route path="/plants/:id/check" element={<CheckPage />} />
      <Route path="/plants/:id" element={<p>The plant’s page</p>} />
    </Routes>
  </>
);

// the calendar comes when it is needed
beforeAll(() => import('../../../ui/Calendar'), 60_000);

beforeEach(() => {
  forget();
  sessionStorage.clear();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({ body: catalogue }));
  answer('GET', /\/api\/plants\/p1/, () => ({ body: plantView }));
  answer('POST', /\/advice$/, () => ({ body: advice('POT_UP', 'SOON') }));
});

const start = () => show(page, '/plants/p1/check');
const yes = () => screen.findByRole('button', { name: 'Yes' });
const sent = () => asked.filter((a) => a.method === 'PUT').map((a) => a.body as Record<string, unknown>);

describe('a check', () => {
  it('asks for the call again at each tap and says it politely', async () => {
    start();
    await userEvent.click(await yes());
    await waitFor(() => expect(document.querySelector('[aria-live="polite"]')).toHaveTextContent('Pot up'));
    const preview = asked.find((a) => a.method === 'POST')?.body;
    expect(preview).toMatchObject({
      signs: [{ code: 'SURFACE_HARD', state: 'PRESENT' }],
      states: [{ code: 'IN_BUD' }],
    });
  });

  it('keeps the roots behind a slip check', async () => {
    start();
    await screen.findByRole('button', { name: 'I have slipped it out' });
    expect(screen.queryByText('Roots circling')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'I have slipped it out' }));
    expect(screen.getByText('Roots circling')).toBeVisible();
  });

  it('saves what was tapped and leaves states alone that nobody touched', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('POT_UP', 'SOON') }));
    start();
    await userEvent.click(await yes());
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    expect(await screen.findByText('The plant’s page')).toBeVisible();
    expect(sent()[0]).toMatchObject({ plantId: 'p1', states: null, minutes: 1, heightMm: null });
  });

  it('is saved as nothing to report when nothing was tapped', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('LEAVE', 'NOT_DUE') }));
    start();
    await userEvent.click(await screen.findByRole('button', { name: 'Nothing to report' }));
    expect(await screen.findByText('Nothing to report: logged.')).toBeVisible();
    expect(sent()[0]).toMatchObject({ signs: [], note: '' });
  });

  it('logs what was poured before the check, and loses neither over a bad line', async () => {
    let line = 500;
    answer('GET', /\/api\/catalogue/, () => ({
      body: { ...catalogue, signs: [{ code: 'WATER_RUNS_THROUGH', group: 'WATER', measure: 'SHARE', unit: 'share', least: 0, most: 1, label: 'Runs through', how: 'Pour.' }] },
    }));
    answer('PUT', /\/api\/waterings\//, () => ({ status: line }));
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('LEAVE', 'NOT_DUE') }));
    start();
    await userEvent.click(await screen.findByRole('button', { name: 'Measure what stays' }));
    await userEvent.type(screen.getByLabelText('Poured'), '1');
    await userEvent.type(screen.getByLabelText('Came out below'), '0.3');
    await userEvent.click(screen.getByRole('button', { name: '70 % stayed: take it' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ litres: 1, runOffLitres: 0.3 });
    line = 204;
    await waitFor(() => expect(screen.getByRole('button', { name: 'Save check' })).toBeEnabled());
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    expect(await screen.findByText('The plant’s page')).toBeVisible();
    const puts = asked.filter((a) => a.method === 'PUT');
    expect(puts.map((a) => a.path.split('/')[2])).toEqual(['waterings', 'waterings', 'checks']);
    expect(puts[0]?.path).toBe(puts[1]?.path);
    expect(sent()[2]).toMatchObject({ signs: [{ code: 'WATER_RUNS_THROUGH', value: 0.7 }] });
  });

  it('takes minutes, another time and a height by steps', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('LEAVE', 'NOT_DUE') }));
    start();
    await userEvent.click(await screen.findByRole('button', { name: 'A minute more' }));
    await userEvent.click(screen.getByRole('button', { name: 'Another time' }));
    await waitFor(() => expect(screen.getByLabelText('Day on which it was looked at')).toBeEnabled());
    fireEvent.change(screen.getByLabelText('Day on which it was looked at'), { target: { value: '11/04/2027' } });
    fireEvent.change(screen.getByLabelText('At'), { target: { value: '16.20' } });
    await userEvent.click(screen.getByRole('button', { name: /Measure its height/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Height: more' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await screen.findByText('The plant’s page');
    expect(sent()[0]).toMatchObject({ minutes: 2, heightMm: 1950, checkedAt: '2027-04-11T16:20:00.000Z' });
  });

  it('takes a weight as it is written, and says so where it cannot be read', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('LEAVE', 'NOT_DUE') }));
    start();
    const scales = await screen.findByLabelText('Weight on the scales');
    await userEvent.type(scales, '3.4 kilos');
    expect(screen.getByText(/Write a weight like 3.4 kg/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Save check' })).toBeDisabled();
    await userEvent.clear(scales);
    await userEvent.type(scales, '3.4 kg');
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await screen.findByText('The plant’s page');
    expect(sent()[0]).toMatchObject({ weightG: 3400 });
  });

  it('shows what an earlier check saw until the sign is looked at again', async () => {
    const standing = [{ code: 'SURFACE_HARD', state: 'PRESENT', grade: null, value: null, seenOn: '2027-03-15', lasts: true }];
    answer('GET', /\/api\/plants\/p1/, () => ({ body: { ...plantView, standing } }));
    start();
    expect(await screen.findByText('15 Mar: there; still counts')).toBeVisible();
    await userEvent.click(await yes());
    expect(screen.queryByText('15 Mar: there; still counts')).toBeNull();
  });

  it('puts what to look at next on top, to be answered there', async () => {
    const look = { sign: 'SURFACE_HARD', how: 'Push.', why: 'If it is there, the call becomes: pot it up.' };
    answer('GET', /\/api\/plants\/p1/, () => ({
      body: { ...plantView, advice: { ...advice('LEAVE', 'NOT_DUE'), lookNext: [look] } },
    }));
    start();
    const next = await screen.findByRole('region', { name: 'Look next' });
    expect(next).toHaveTextContent(look.why);
    await userEvent.click(within(next).getByRole('button', { name: 'No' }));
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({ signs: [{ code: 'SURFACE_HARD', state: 'ABSENT' }] }),
    );
  });

  it('never offers to slip a plant whose pot holds the ball', async () => {
    answer('GET', /\/api\/plants\/p1/, () => ({
      body: { ...plantView, advice: { ...advice('LEAVE', 'NOT_DUE'), slip: { never: true, why: 'The mouth is too narrow.' } } },
    }));
    start();
    expect(await screen.findByText('The mouth is too narrow.')).toBeVisible();
    expect(screen.queryByRole('button', { name: /slipped it out/ })).toBeNull();
  });

  it('sends the states when one was changed', async () => {
    answer('PUT', /\/api\/checks\//, () => ({ body: advice('POT_UP', 'SOON') }));
    start();
    await userEvent.click(await screen.findByRole('button', { name: 'Resting' }));
    await userEvent.click(screen.getByRole('button', { name: 'In bud' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await screen.findByText('The plant’s page');
    expect(sent()[0]).toMatchObject({ states: [{ code: 'RESTING' }] });
  });

  it('loses nothing when saving fails, and tries again with the same id', async () => {
    let fail = true;
    answer('PUT', /\/api\/checks\//, () =>
      fail ? { status: 400, body: { title: 'No', errors: [{ field: 'checkedAt', message: 'Set the clock.' }] } } : { body: {} },
    );
    start();
    await userEvent.click(await yes());
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    expect(await screen.findByText('Set the clock.')).toBeInTheDocument();
    expect(await yes()).toHaveAttribute('aria-pressed', 'true');
    fail = false;
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await screen.findByText('The plant’s page');
    const paths = asked.filter((a) => a.method === 'PUT').map((a) => a.path);
    expect(paths).toHaveLength(2);
    expect(paths[0]).toBe(paths[1]);
  });

  it('comes back as it was left after a reload', async () => {
    const first = start();
    await userEvent.click(await yes());
    first.unmount();
    start();
    expect(await yes()).toHaveAttribute('aria-pressed', 'true');
  });
});
