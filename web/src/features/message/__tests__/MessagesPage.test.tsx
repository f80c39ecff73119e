import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { MessagesPage } from '../MessagesPage';

const message = {
  id: 'm1', kind: 'WATER', name: 'Wren', email: 'wren@stair.example', plantId: 'p1', plant: 'Fern T-1', subject: 'Fern: water today', text: 'Good morning Wren',
  status: 'FAILED', tries: 3, writtenAt: '2027-04-12T07:00:00Z', nextAt: '2027-04-12T09:00:00Z', sentAt: null, trouble: 'The mail host does not take mail for this address.',
};
const template = { kind: 'WATER', subject: '{plant}', body: 'Hello {name}', own: false, version: 0, fields: ['name', 'plant'] };

describe('messages', () => {
  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: { ...session, user: { ...session.user, role: 'PLANNER' } } }));
    answer('GET', /messages$/, () => ({ body: { host: 'mail.example', from: 'us@example.org', waiting: 0, sent: 4, failed: 1, messages: [message] } }));
    answer('GET', /message-templates$/, () => ({ body: [template] }));
    answer('POST', /again$/, () => ({ body: { host: null, from: 'us@example.org', waiting: 1, sent: 4, failed: 0, messages: [{ ...message, status: 'WAITING', trouble: null }] } }));
    answer('POST', /preview$/, ({ body }) => {
      const words = (body as { body: string }).body;
      return words.includes('{nme}')
        ? { status: 400, body: { errors: [{ field: 'body', message: 'There is no field {nme}.' }] } }
        : { body: { subject: 'Fern', body: words.replace('{name}', 'Wren'), of: 'Fern, for Wren' } };
    });
  });

  it('says what could not be sent and why, and tries it again', async () => {
    show(<MessagesPage />);
    expect(await screen.findByText(/1 could not be sent/)).toBeVisible();
    expect(screen.getByText(/does not take mail/)).toBeVisible();
    expect(screen.getByRole('link', { name: /\.eml/ })).toHaveAttribute('href', '/api/messages/m1/mail.eml');
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText(/1 waiting/)).toBeVisible();
  });

  it('shows the words on real data as they are written, and names a field that is none', async () => {
    show(<MessagesPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'How they are worded' }));
    expect(await screen.findByText('Hello Wren')).toBeVisible();
    const text = screen.getByLabelText('Text');
    await userEvent.type(text, ' {{nme}');
    expect(await screen.findByText('There is no field {nme}.')).toBeVisible();
    expect(asked.some((a) => a.method === 'PUT')).toBe(false);
  });
});
