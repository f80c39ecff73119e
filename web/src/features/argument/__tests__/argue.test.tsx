import { Notifications } from '@mantine/notifications';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { advice, plantView } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { ArguableCall } from '../ArguableCall';

const crowded = {
  code: 'CROWDED', strength: 'STRONG', grade: 'CLEAR', decibans: 12,
  evidence: [{ sign: 'ROOTS_FROM_DRAIN_HOLES', weight: 9, why: 'Roots leave by the holes.' }],
  discounted: [{ sign: 'SURFACE_HARD', why: 'Jorun Pell set it aside: misread', setAside: true }],
};
const data = {
  ...plantView,
  advice: { ...advice('POT_UP', 'SOON'), findings: [crowded] },
  argument: {
    asides: [{ id: 'a1', sign: 'SURFACE_HARD', reason: 'misread', always: false, setOn: '2027-04-01', who: 'Jorun Pell' }],
    overrule: null,
  },
};

beforeEach(() => {
  forget();
  answer('PUT', /\/api\/(asides|overrules)\//, () => ({ status: 204 }));
  answer('DELETE', /\/api\/(asides|overrules)\//, () => ({ status: 204 }));
});

const start = (mayWork = true, of: typeof data = data) =>
  show(
    <>
      <Notifications />
      <ArguableCall data={of} signLabel={(c) => `label of ${c}`} mayWork={mayWork} />
    </>,
  );

describe('arguing with the call', () => {
  it('sets a line aside only with a reason, which can be tapped', async () => {
    start();
    await userEvent.click(screen.getByRole('button', { name: /Evidence/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Set aside: label of ROOTS_FROM_DRAIN_HOLES' }));
    const dialog = await screen.findByRole('dialog');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Set it aside' }));
    expect(await within(dialog).findByText('Give the reason: it is kept on record.')).toBeVisible();
    await userEvent.click(within(dialog).getByRole('button', { name: 'It was misread.' }));
    await userEvent.click(within(dialog).getByLabelText(/as long as the plant stands/));
    await userEvent.click(within(dialog).getByRole('button', { name: 'Set it aside' }));
    await waitFor(() => expect(asked.some((a) => a.method === 'PUT')).toBe(true));
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({
      plantId: 'p1', sign: 'ROOTS_FROM_DRAIN_HOLES', reason: 'It was misread.', always: true,
    });
  });

  it('lets a line count again', async () => {
    start();
    await userEvent.click(screen.getByRole('button', { name: /Evidence/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Let it count again: label of SURFACE_HARD' }));
    await waitFor(() => expect(asked.map((a) => a.path)).toContain('/api/asides/a1'));
  });

  it('overrules the call with another, a time and a reason', async () => {
    start();
    await userEvent.click(screen.getByRole('button', { name: 'I see it differently' }));
    const dialog = await screen.findByRole('dialog');
    await userEvent.selectOptions(within(dialog).getByLabelText('What is to be done instead'), 'WATCH');
    await userEvent.selectOptions(within(dialog).getByLabelText('Look again'), '8');
    await userEvent.type(within(dialog).getByLabelText('Reason'), 'Seen for years');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Overrule' }));
    await waitFor(() => expect(asked.some((a) => a.method === 'PUT')).toBe(true));
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({
      plantId: 'p1', action: 'WATCH', urgency: null, recheckDays: 56, reason: 'Seen for years',
    });
  });

  it('says when an emergency has come up since, and gives the rules back', async () => {
    const overrule = { id: 'o1', action: 'WATCH', reason: 'x', rulesAction: 'LEAVE', setOn: '2027-04-01', who: 'Jorun Pell' };
    start(true, { ...data, argument: { ...data.argument, overrule: overrule as never } });
    expect(screen.getByText(/An emergency has come up/)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Let the rules decide' }));
    await waitFor(() => expect(asked.map((a) => a.path)).toContain('/api/overrules/o1'));
  });

  it('is not offered to those who only look', async () => {
    start(false);
    await userEvent.click(screen.getByRole('button', { name: /Evidence/ }));
    expect(screen.queryByRole('button', { name: /Set aside/ })).toBeNull();
    expect(screen.queryByRole('button', { name: 'I see it differently' })).toBeNull();
  });
});
