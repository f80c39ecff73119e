import { Notifications } from '@mantine/notifications';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { Route, Routes } from 'react-router';
import type { Schemas } from '../../../api/client';
import { catalogue, session } from '../../../test-data';
import { job, plan, planned } from '../../../test-plan';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { readBall } from '../Found';
import { JobPage } from '../JobPage';
import { minutesSince } from '../bench';

const page = (
  <>
    <Notifications />
    <Routes>
      <Route path="/jobs/:id" element={<JobPage />} />
      <Route path="/jobs/:id/card" element={<p>The card</p>} />
    </Routes>
  </>
);

const open = (view: Schemas['JobView']) => {
  answer('GET', /\/api\/jobs\/j1$/, () => ({ body: view }));
  return show(page, '/jobs/j1');
};
const put = (end: string) => asked.find((a) => a.method === 'PUT' && a.path.endsWith(end))?.body;

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/api\/catalogue/, () => ({ body: catalogue }));
});

describe('time on the bench', () => {
  const at = (iso: string | null) => ({ tickedAt: iso });
  it('runs from the first tick', () => {
    const now = Date.parse('2027-04-12T10:40:00Z');
    expect(minutesSince([at(null), at('2027-04-12T10:05:00Z'), at('2027-04-12T10:00:00Z')], now)).toBe(40);
    expect(minutesSince([at(null)], now)).toBeNull();
    expect(minutesSince([at('2027-04-10T10:00:00Z')], now)).toBeNull();
  });
});

describe('a ball by tape', () => {
  it('is read in any unit, or not at all', () => {
    expect(readBall({ topMm: '18', baseMm: '6 in', heightMm: '' }, 'METRIC')).toEqual({ topMm: 180, baseMm: 152.39999999999998, heightMm: null });
    expect(readBall({ topMm: '', baseMm: ' ', heightMm: '' }, 'METRIC')).toBeNull();
    expect(readBall({ topMm: 'big', baseMm: '', heightMm: '' }, 'METRIC')).toBeUndefined();
  });
});

describe('the bench sheet', () => {
  it('names its pot, prints, and draws the section', async () => {
    open(job);
    expect(await screen.findByText(/Plastic 26 cm/)).toHaveTextContent('26 cm × 23.9 cm, reserved on the shelf');
    await userEvent.click(screen.getByRole('button', { name: 'Print the sheet' }));
    expect(await screen.findByRole('menuitem', { name: 'On A4' })).toHaveAttribute('href', '/api/jobs/j1/sheet?paper=A4');
    expect(screen.getByRole('img', { name: /New pot 26 cm wide/ })).toBeVisible();
  });

  it('records signs and the ball, and shows what changed and why', async () => {
    answer('PUT', /found$/, () => ({
      body: { ...job, changes: [{ what: 'Pot', before: '26 cm plastic', after: '21 cm plastic' }], why: ['The pot that was planned: too wide.'] },
    }));
    open(job);
    await userEvent.click(await screen.findByText('Record what I find'));
    await userEvent.click(screen.getByRole('button', { name: 'Severe' }));
    await userEvent.type(screen.getByLabelText('Width at the top'), '17 cm');
    await userEvent.click(screen.getByRole('button', { name: 'Record what I found' }));
    expect(await screen.findByText('The pot that was planned: too wide.')).toBeVisible();
    expect(screen.getByText('26 cm plastic').tagName).toBe('S');
    expect(put('/found')).toEqual({ signs: [{ code: 'ROOTS_CIRCLING', state: 'PRESENT', grade: 'SEVERE', value: null }], ball: { topMm: 170, baseMm: null, heightMm: null } });
  });

  it('shows what somebody else recorded meanwhile, and takes theirs without losing the sheet', async () => {
    const theirs = { ...job, job: { ...job.job, version: 4 }, found: [{ code: 'ROOTS_CIRCLING', state: 'PRESENT', grade: 'SEVERE', value: null }] };
    answer('PUT', /found$/, () => ({
      status: 412,
      body: { detail: 'Someone else has changed this meanwhile.', version: 4, changes: [{ field: 'found', yours: '', theirs: 'Roots circling' }] },
    }));
    open(job);
    await userEvent.click(await screen.findByText('Record what I find'));
    await userEvent.click(screen.getByRole('button', { name: 'Record what I found' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Roots circling');
    answer('GET', /\/api\/jobs\/j1$/, () => ({ body: theirs }));
    await userEvent.click(screen.getByRole('button', { name: 'Take theirs' }));
    expect(await screen.findByText('1 sign recorded; look again')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Severe' })).toHaveAttribute('aria-pressed', 'true');
  });

  it('asks what the owner keeps only where a mouth holds the ball, and the plan follows the answer', async () => {
    const urn = { ...planned(), call: { ...planned().call, action: 'BREAK_OUT' } };
    const settled = { ...job, advice: urn, wish: { breakOut: 'POT' }, changes: [{ what: 'Pot', before: '26 cm', after: 'its own' }] } as Schemas['JobView'];
    answer('PUT', /break-out$/, ({ body }) =>
      (body as Schemas['BreakOutRequest']).confirmed
        ? { body: settled }
        : { status: 400, body: { errors: [{ field: 'confirmed', message: 'More than a third of the ball goes.' }] } },
    );
    const { unmount } = open(job);
    await screen.findByText('Record what I find');
    expect(screen.queryByText('The owner keeps')).toBeNull();
    unmount();
    open({ ...job, advice: urn });
    await userEvent.click(await screen.findByLabelText('The pot: the ball is cut to its mouth'));
    expect(await screen.findByText('More than a third of the ball goes.')).toBeVisible();
    await userEvent.click(screen.getByLabelText(/I know the risk/));
    expect(await screen.findByText('The plan has changed')).toBeVisible();
    expect(asked.filter((a) => a.path.endsWith('/break-out')).map((a) => a.body)).toEqual([
      { kept: 'POT', confirmed: null },
      { kept: 'POT', confirmed: true },
    ]);
    expect(screen.getByLabelText('The pot: the ball is cut to its mouth')).toBeChecked();
  });

  it('has the cautions before the first step for whoever hears the page', async () => {
    open({ ...job, advice: { ...job.advice, cautions: [{ code: 'SAP', text: 'Its sap burns.' }] } });
    const caution = await screen.findByText('Its sap burns.');
    const step = screen.getByLabelText('Water it the day before.');
    expect(caution.compareDocumentPosition(step) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy();
  });

  it('tells at the field that the ball cannot be so wide', async () => {
    answer('PUT', /found$/, () => ({ status: 400, body: { errors: [{ field: 'ball.topMm', message: 'Wider than its pot.' }] } }));
    open(job);
    await userEvent.click(await screen.findByText('Record what I find'));
    await userEvent.type(screen.getByLabelText('Width at the top'), '90');
    await userEvent.click(screen.getByRole('button', { name: 'Record what I found' }));
    expect(await screen.findByText('Wider than its pot.')).toBeVisible();
    expect(screen.getByLabelText('Width at the top')).toHaveValue('90');
  });

  it('is not done before somebody says where the old pot goes', async () => {
    answer('PUT', /done$/, () => ({ body: { ...job, job: { ...job.job, status: 'DONE', doneOn: '2027-04-12' } } }));
    open(job);
    const done = await screen.findByRole('button', { name: 'Done: start the aftercare' });
    expect(done).toBeDisabled();
    await userEvent.click(screen.getByRole('radio', { name: 'back on the shelf' }));
    const minutes = screen.getByLabelText('Minutes it took');
    await userEvent.clear(minutes);
    await userEvent.type(minutes, '38');
    await userEvent.click(done);
    expect(await screen.findByText('The card')).toBeVisible();
    expect(put('/done')).toMatchObject({ doneOn: '2027-04-12', oldPot: 'SHELF', minutes: 38, offspring: [] });
  });

  it('does not offer the shelf to a pot that was broken to free the plant', async () => {
    open({ ...job, job: { ...job.job, action: 'BREAK_OUT' }, wish: { breakOut: 'PLANT' } });
    expect(await screen.findByRole('radio', { name: 'to waste' })).toBeVisible();
    expect(screen.queryByRole('radio', { name: 'back on the shelf' })).toBeNull();
    expect(screen.getByText(/the owner keeps the plant/)).toBeVisible();
  });

  it('asks a divided clump for the labels of its pieces', async () => {
    answer('PUT', /done$/, () => ({ body: job }));
    const divided = { ...job, job: { ...job.job, action: 'DIVIDE', potCount: 3 }, advice: planned({ pieces: 3 }) };
    open(divided);
    expect(await screen.findByText(/3 of them/)).toBeVisible();
    await userEvent.type(await screen.findByLabelText('Label of piece 2'), 'T-001b');
    await userEvent.click(screen.getByRole('radio', { name: 'to waste' }));
    await userEvent.click(screen.getByRole('button', { name: 'Done: start the aftercare' }));
    await waitFor(() => expect(put('/done')).toMatchObject({ offspring: [{ label: 'T-001b', kind: 'PIECE' }] }));
  });

  it('keeps front and angle of a trained tree', async () => {
    answer('PUT', /setting$/, () => ({ body: { ...job, front: 'The scar', angleDegrees: -5 } }));
    open({ ...job, advice: planned({ section: { ...plan.section, wires: 2 } }) });
    await userEvent.type(await screen.findByLabelText('Its front'), 'The scar');
    await userEvent.click(screen.getByRole('button', { name: 'Angle of the trunk: less' }));
    await userEvent.click(screen.getByRole('button', { name: 'Keep front and angle' }));
    await waitFor(() => expect(put('/setting')).toEqual({ front: 'The scar', angleDegrees: -5 }));
    expect(await screen.findByText(/front: The scar, trunk at -5 °/)).toBeVisible();
  });

  it('says that its pot has yet to be ordered, and is dropped only at the second tap', async () => {
    answer('DELETE', /jobs\/j1/, () => ({ body: { ...job, job: { ...job.job, status: 'DROPPED' } } }));
    open({ ...job, toOrder: true });
    expect(await screen.findByText(/A pot that has yet to be ordered/)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Drop this job' }));
    expect(asked.some((a) => a.method === 'DELETE')).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'Drop it for good' }));
    expect(await screen.findByText('Dropped')).toBeVisible();
  });
});
