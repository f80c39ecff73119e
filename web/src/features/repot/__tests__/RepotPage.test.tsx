import { Notifications } from '@mantine/notifications';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { Route, Routes } from 'react-router';
import type { Schemas } from '../../../api/client';
import { session } from '../../../test-data';
import { candidate, fit, plan, planned } from '../../../test-plan';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { RepotPage } from '../RepotPage';
import { AS_RULED, asksAnything, mostCuts, ownFrom, requestOf, shownPot, withCuts, withGaps, withWish } from '../question';

const page = (
  <>
    <Notifications />
    <Routes>
      <Route path="/plants/:id/repot" element={<RepotPage />} />
      <Route path="/jobs/:id" element={<p>The bench sheet</p>} />
    </Routes>
  </>
);

const open = () => show(page, '/plants/p1/repot');
const whatIfs = () => asked.filter((a) => a.path.endsWith('/what-if')).map((a) => a.body as Schemas['WhatIfRequest']);

beforeEach(() => {
  forget();
  answer('GET', /\/api\/session/, () => ({ body: session }));
  answer('GET', /\/fit$/, () => ({ body: fit }));
});

describe('a question to the fit', () => {
  it('asks nothing until something is moved', () => {
    expect(asksAnything(AS_RULED)).toBe(false);
    expect(asksAnything(withWish(AS_RULED, { mix: null }))).toBe(false);
    expect(asksAnything(withWish(AS_RULED, { mix: 'citrus' }))).toBe(true);
    expect(requestOf(AS_RULED)).toEqual({ potId: null, pot: null, wish: null });
  });

  it('asks for cuts or for gaps, never for both', () => {
    const gaps = withGaps(withCuts(AS_RULED, 20, 5), 15, 8);
    expect(gaps.wish).toMatchObject({ baseSliceMm: null, sideShaveMm: null, gapUnderMm: 15, gapAroundMm: 8 });
    expect(withCuts(gaps, 1, 2).wish).toMatchObject({ baseSliceMm: 1, sideShaveMm: 2, gapUnderMm: null });
  });

  it('lets cuts go no further than the narrow side of a trough', () => {
    const ball = { ...plan.section.ballBefore, topMm: 790, baseMm: 750, topDepthMm: 195, baseDepthMm: 150 };
    expect(mostCuts(ball)).toEqual({ slice: 117, shave: 45 });
    expect(mostCuts(plan.section.ballBefore).shave).toBe(51);
  });

  it('keeps shape, taper and holes of the pot that a thought began with', () => {
    const trough = { ...candidate('t', 800, 1), pot: { ...plan.section.oldPot, shape: 'TROUGH', topMm: 800, baseMm: 760, topDepthMm: 200, baseDepthMm: 190, heightMm: 190 }, feet: 4 };
    const own = { ...ownFrom(trough, fit, plan.section.oldPot), topMm: 600 };
    expect(requestOf({ ...AS_RULED, own }).pot).toEqual({
      shape: 'TROUGH', topMm: 600, baseMm: 570, topDepthMm: 200, baseDepthMm: 190, heightMm: 190, material: 'PLASTIC', drainHoles: 6, feet: 4, wireHoles: 0,
    });
    const urn = { ...plan.section.oldPot, shape: 'URN', topMm: 200, baseMm: 260, mouthMm: 150 };
    expect(requestOf({ ...AS_RULED, own: ownFrom(null, fit, urn) }).pot).toMatchObject({ shape: 'STANDARD', topMm: 200, baseMm: 200, drainHoles: null });
  });

  it('draws the pot that was asked for, else the best, else the one to order', () => {
    expect(shownPot(plan, AS_RULED)?.id).toBe('a');
    expect(shownPot(plan, { ...AS_RULED, potId: 'c' })?.id).toBe('c');
    const none = { ...plan, candidates: [candidate('c', 230, null)], orderPot: candidate('to order', 280, null) };
    expect(shownPot(none, AS_RULED)?.id).toBe('to order');
  });
});

describe('the fit', () => {
  it('names the pot that Schedule takes beside its button, and the one picked in its stead', async () => {
    answer('POST', /what-if$/, () => ({ body: planned({ candidates: [candidate('b', 270, 1)] }) }));
    open();
    const bench = (await screen.findByRole('heading', { name: 'Put it on the bench' })).closest('form') as HTMLElement;
    expect(bench).toHaveTextContent('Plastic 26 cm, 4 free. The window is 12 Apr 2027 to 10 Sept 2027.');
    await userEvent.click(screen.getByRole('radio', { name: /Plastic 27 cm/ }));
    await waitFor(() => expect(bench).toHaveTextContent('Plastic 27 cm, 1 free.'));
  });

  it('sets pots side by side with all their figures, and says why others fail or are taken', async () => {
    open();
    const table = (await screen.findAllByRole('table'))[0] as HTMLElement;
    for (const row of ['Over the ball', 'Ball fills', 'Gap at the wall', 'Base layer', 'Holds when filled', 'Fresh medium', 'Holds water', 'Air left', 'Ring stays wet', 'Airless after watering', 'Top dry after', 'Then water every', 'Tips at a push of', 'Falls when tilted', 'Weighs dry', 'Weighs wet']) {
      expect(within(table).getByRole('row', { name: new RegExp(`^${row}`) })).toBeInTheDocument();
    }
    expect(within(table).getByRole('row', { name: /Small step, the method’s own yes yes/ })).toBeInTheDocument();
    expect(within(table).getByText('Sand cover 34 cm')).toBeInTheDocument();
    expect(screen.getByText('Only 3 mm in the 230.')).toBeInTheDocument();
    expect(screen.getByText(/would do.*Fig T-009/)).toBeInTheDocument();
  });

  it('asks the rules at once when another pot is picked, and draws it', async () => {
    answer('POST', /what-if$/, () => ({ body: planned({ candidates: [candidate('b', 270, 1)] }) }));
    open();
    await userEvent.click(await screen.findByRole('radio', { name: /Plastic 27 cm/ }));
    await waitFor(() => expect(whatIfs()[0]).toEqual({ potId: 'b', pot: null, wish: null }));
    expect(await screen.findByRole('group', { name: /New pot 27 cm wide/ })).toBeVisible();
  });

  it('says that a pot of one’s own will not do, and does not let it be scheduled', async () => {
    answer('POST', /what-if$/, (a) => {
      const pot = (a.body as Schemas['WhatIfRequest']).pot;
      return { body: planned({ candidates: [{ ...candidate('what-if', pot?.topMm ?? 0, null) }] }) };
    });
    open();
    await userEvent.click(await screen.findByRole('button', { name: 'Width inside: less' }));
    await waitFor(() => expect(whatIfs()[0]?.pot).toMatchObject({ topMm: 255, material: 'PLASTIC' }));
    expect(await screen.findByText(/This pot will not do\. Only 3 mm in the 255/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Schedule' })).toBeDisabled();
  });

  it('shows the share that goes as the cuts are moved, and wants an edge case confirmed', async () => {
    const work = { ...plan.rootWork, baseSliceMm: 1, rootShare: 0.4, limit: 0.5, likelyRootLoss: 0.52, canopyShare: 0.52, confirm: true };
    answer('POST', /what-if$/, () => ({ body: planned({ rootWork: work }) }));
    answer('PUT', /\/api\/jobs\//, () => ({ body: { job: { id: 'j1', plannedOn: '2027-04-12' } } }));
    open();
    await userEvent.click(await screen.findByRole('button', { name: 'Slice off the base: more' }));
    expect(await screen.findByText(/of the ball goes, it stands/)).toHaveTextContent('40 % of the ball goes, it stands 50 %; circled, so likely 52 % of the roots; take 52 % of the canopy');
    const schedule = screen.getByRole('button', { name: 'Schedule' });
    expect(schedule).toBeDisabled();
    await userEvent.click(screen.getByRole('checkbox', { name: /I know the risk/ }));
    await userEvent.click(schedule);
    expect(await screen.findByText('The bench sheet')).toBeVisible();
    expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ potId: 'a', confirmed: true, wish: { baseSliceMm: 1, sideShaveMm: 0 } });
  });

  it('plans with the pot to order where nothing on the shelf will do', async () => {
    const order = { candidates: [candidate('c', 230, null)], order: 'Order a pot of 28 cm.', orderPot: { ...candidate('to order', 280, null), failures: [] } };
    answer('GET', /\/fit$/, () => ({ body: { ...fit, advice: planned(order) } }));
    answer('PUT', /\/api\/jobs\//, () => ({ body: { job: { id: 'j1', plannedOn: '2027-04-12' } } }));
    open();
    expect(await screen.findByText('Order a pot of 28 cm.')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Schedule with a pot to order' }));
    await waitFor(() => expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ potId: null, order: true }));
  });

  it('says so when there is nothing to repot', async () => {
    answer('GET', /\/fit$/, () => ({ body: { ...fit, advice: { ...planned(), repot: null } } }));
    open();
    expect(await screen.findByText(/there is nothing to repot now/)).toBeVisible();
  });
});
