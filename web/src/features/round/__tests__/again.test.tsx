import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { round, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { RoundPage } from '../RoundPage';

const checks = () => asked.filter((a) => a.path.startsWith('/api/checks/'));

describe('all well over a bad line', () => {
  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: session }));
    answer('GET', /round/, () => ({ body: round }));
  });

  it('is the same check when it is sent again, and another one after it arrived', async () => {
    show(<RoundPage />);
    const all = await screen.findAllByRole('button', { name: /^Nothing to report for (?!the rest)/ });
    const first = all[0];
    if (!first) throw new Error('no plant');
    await userEvent.click(first);
    await waitFor(() => expect(checks()).toHaveLength(1));
    answer('PUT', /checks\//, () => ({ status: 204 }));
    await userEvent.click(first);
    await waitFor(() => expect(checks()).toHaveLength(2));
    expect(checks()[1]).toEqual(checks()[0]);
    await userEvent.click(first);
    await waitFor(() => expect(checks()).toHaveLength(3));
    expect(checks()[2]?.path).not.toBe(checks()[0]?.path);
  });
});
