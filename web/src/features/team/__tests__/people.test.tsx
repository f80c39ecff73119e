import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Schemas } from '../../../api/client';
import { session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { PeoplePage } from '../PeoplePage';
import { accountOf } from '../roles';

const me: Schemas['Member'] = {
  id: 'm1', account: 'odda', name: 'Odda Fennick', role: 'PLANNER', units: 'METRIC', access: 'OPEN', codeUntil: null, endedAt: null, me: true,
};
const mira: Schemas['Member'] = { ...me, id: 'm2', account: 'mira', name: 'Mira Quell', role: 'TECHNICIAN', me: false };

describe('accounts', () => {
  it('begin with the first name, in small letters', () => {
    expect(accountOf('Zoë Ártun', [])).toBe('zoe');
    expect(accountOf('Mira Quell', ['mira', 'mira2'])).toBe('mira3');
    expect(accountOf('', [])).toBe('');
  });
});

describe('people', () => {
  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: { ...session, user: { account: 'odda', name: 'Odda Fennick', role: 'PLANNER', units: 'METRIC' } } }));
    answer('GET', /people$/, () => ({ body: [me, mira] }));
  });

  it('asks somebody in and shows the code once', async () => {
    answer('PUT', /people\/[-0-9a-f]+$/, () => ({ body: [me, mira] }));
    answer('POST', /code$/, () => ({ body: { account: 'runa', code: 'abcd-efgh-jkmn', until: '2027-04-19T08:30:00Z' } }));
    show(<PeoplePage />);
    await userEvent.type(await screen.findByLabelText('Name'), 'Runa Tarn');
    expect(screen.getByLabelText('Account')).toHaveValue('runa');
    await userEvent.click(screen.getByRole('radio', { name: 'Counter' }));
    await userEvent.click(screen.getByRole('button', { name: 'Make a code for them' }));
    const handed = await screen.findByRole('status', { name: 'Hand this over' });
    expect(within(handed).getByText('abcd-efgh-jkmn')).toBeVisible();
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ account: 'runa', name: 'Runa Tarn', role: 'COUNTER' });
    await userEvent.click(screen.getByRole('button', { name: 'Handed over' }));
    expect(screen.queryByText('abcd-efgh-jkmn')).toBeNull();
  });

  it('says at the field what is wrong, before and after it was sent', async () => {
    answer('PUT', /people\//, () => ({ status: 400, body: { errors: [{ field: 'account', message: 'Somebody has this account already.' }] } }));
    show(<PeoplePage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Make a code for them' }));
    expect(screen.getByText('Give the name.')).toBeVisible();
    await userEvent.type(screen.getByLabelText('Name'), 'Runa Tarn');
    await userEvent.click(screen.getByRole('button', { name: 'Make a code for them' }));
    expect(await screen.findByText('Somebody has this account already.')).toBeVisible();
    expect(screen.getByLabelText('Name')).toHaveValue('Runa Tarn');
  });

  it('ends access only when asked twice, and never one’s own', async () => {
    answer('PUT', /m2\/access$/, () => ({ body: [me, { ...mira, access: 'ENDED', endedAt: '2027-04-12T08:30:00Z' }] }));
    show(<PeoplePage />);
    expect(await screen.findAllByRole('button', { name: 'End access' })).toHaveLength(1);
    await userEvent.click(screen.getByRole('button', { name: 'End access' }));
    expect(asked.some((a) => a.method === 'PUT')).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'End it now, everywhere' }));
    expect(await screen.findByText(/access ended on 12 Apr 2027/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Give access again' })).toBeVisible();
  });
});
