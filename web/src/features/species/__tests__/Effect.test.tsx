import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../../../test-render';
import { Effect } from '../Effect';

const none = { inCare: 3, asked: 3, changed: 0, changes: [] };

describe('what an edit of a species changes', () => {
  it('says of how many plants the calls stay', () => {
    show(<Effect effect={none} />);
    expect(screen.getByRole('status')).toHaveTextContent('The calls of all 3 plants stay as they are.');
  });

  it('names the plants whose call changes, before and after', () => {
    const change = { plantId: 'p', label: 'T-1', commonName: 'Fig', place: 'Hall, Desk', actionBefore: 'LEAVE', urgencyBefore: 'NOT_DUE', actionAfter: 'POT_UP', urgencyAfter: 'SOON' };
    show(<Effect effect={{ inCare: 1, asked: 1, changed: 1, changes: [change] }} />);
    expect(screen.getByRole('status')).toHaveTextContent('1 of 1 plants would get another call.');
    expect(screen.getByRole('link', { name: /Fig/ })).toHaveAttribute('href', '/plants/p');
    expect(screen.getByRole('row', { name: /Fig/ })).toHaveTextContent(/Pot up, within four weeks/);
  });

  it('says how many were not asked', () => {
    show(<Effect effect={{ inCare: 1400, asked: 1000, changed: 0, changes: [] }} />);
    expect(screen.getByRole('status')).toHaveTextContent('The calls of the first 1000 plants stay as they are. 400 more are of this kind, and were not asked.');
  });
});
