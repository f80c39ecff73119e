import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { advice, catalogue, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { CounterPage } from '../CounterPage';
import { EMPTY, lookOf, signsBySaying } from '../hand';

const fig = { species: 'Ficus lyrata', commonName: 'Fiddle-leaf fig', group: 'FIG', groupLabel: 'Figs' };
const walkIn = {
  id: 'w1', number: 7, customer: 'Ona', reach: '', plantId: 'p7', label: 'W-7', commonName: 'Fiddle-leaf fig', potShape: 'STANDARD', potTopMm: 150, potBaseMm: 114, potHeightMm: 138,
  cameAt: '2027-04-12T08:30:00Z', status: 'ASKED', promisedOn: null, note: '', walksIn: true, jobId: null, potted: false, version: 1,
};
const looks = () => asked.filter((a) => a.path.endsWith('/counter/look')).map((a) => a.body as Record<string, unknown>);

describe('what is in the hand', () => {
  const ago = (days: number) => `${days} days ago`;

  it('is asked about once kind and pot can be read', () => {
    const kind = { known: fig };
    expect(lookOf(EMPTY, 'METRIC', ago)).toBeNull();
    expect(lookOf({ ...EMPTY, kind }, 'METRIC', ago)).toBeNull();
    expect(lookOf({ ...EMPTY, kind, top: 'wide' }, 'METRIC', ago)).toBeNull();
    expect(lookOf({ ...EMPTY, kind, top: '6 in' }, 'METRIC', ago)).toMatchObject({ species: 'Ficus lyrata', group: null, potTopMm: expect.closeTo(152.4, 0) as number, potHoles: null, lastRepotted: null });
    expect(lookOf({ ...EMPTY, kind, top: '15', since: '365', holes: false }, 'METRIC', ago)).toMatchObject({ potTopMm: 150, potHoles: 0, lastRepotted: '365 days ago' });
    expect(lookOf({ ...EMPTY, kind, top: '15', height: 'tall' }, 'METRIC', ago)).toBeNull();
  });

  it('signs are found by what somebody says, those so called first', () => {
    const signs = [{ label: 'Surface too hard', how: 'Push a finger into the roots.' }, { label: 'Roots circling', how: 'Slip it.' }];
    expect(signsBySaying(signs, 'root').map((s) => s.label)).toEqual(['Roots circling', 'Surface too hard']);
    expect(signsBySaying(signs, 'too hard')).toHaveLength(1);
    expect(signsBySaying(signs, ' ')).toEqual([]);
  });
});

describe('the counter', () => {
  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: session }));
    answer('GET', /catalogue$/, () => ({ body: catalogue }));
    answer('GET', /counter$/, () => ({ body: { today: '2027-04-12', currency: 'EUR', rated: true, left: [] } }));
    answer('GET', /kinds\?/, () => ({ body: [fig] }));
    answer('GET', /shelf$/, () => ({ body: { items: [] } }));
    answer('POST', /counter\/look$/, () => ({ body: { advice: advice('LEAVE', 'NOT_DUE'), quote: null } }));
  });

  it('goes from a name and a width to the call, by keys', async () => {
    show(<CounterPage />);
    expect(await screen.findByLabelText('Name')).toHaveFocus();
    await userEvent.keyboard('fid');
    await screen.findByRole('button', { name: /Fiddle-leaf fig/ });
    await userEvent.keyboard('{Enter}');
    expect(screen.getByLabelText('Width of its pot')).toHaveFocus();
    await userEvent.keyboard('15');
    expect(await screen.findByText('Because of LEAVE.')).toBeVisible();
    expect(looks().at(-1)).toMatchObject({ species: 'Ficus lyrata', potTopMm: 150, signs: [] });
  });

  it('keeps who came and gives the advice along; what failed loses nothing', async () => {
    show(<CounterPage />);
    await screen.findByLabelText('Name');
    await userEvent.keyboard('fid');
    await screen.findByRole('button', { name: /Fiddle-leaf fig/ });
    await userEvent.keyboard('{Enter}15');
    await userEvent.type(await screen.findByLabelText('Customer'), 'Ona');
    await userEvent.click(screen.getByRole('button', { name: 'Advice to take home' }));
    expect(screen.getByLabelText('Customer')).toHaveValue('Ona');
    answer('PUT', /counter\/[^/]+$/, () => ({ body: walkIn }));
    await userEvent.click(screen.getByRole('button', { name: 'Advice to take home' }));
    expect(await screen.findByRole('link', { name: /The advice/ })).toHaveAttribute('href', '/api/counter/w1/slip');
    const sent = asked.filter((a) => a.method === 'PUT');
    expect(new Set(sent.map((a) => a.path)).size).toBe(1);
    await userEvent.click(screen.getAllByRole('button', { name: 'Next customer' })[0] as HTMLElement);
    expect(screen.getByLabelText('Name')).toHaveValue('');
  });
});
