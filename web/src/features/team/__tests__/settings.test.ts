import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../../api/client';
import { formOf, readSettings } from '../settings';

const stored: Schemas['SettingsView'] = {
  name: 'Tidepot Plant Care', zone: 'UTC', currency: 'EUR', paper: 'A4', units: 'METRIC', weekStarts: 1, workshopLatitude: 44.02, workshopLongitude: -1.5, workHourCents: 4200, mixLitreCents: null, workLeastCents: 900,
  measures: [{ name: 'cup', litres: 0.25 }], zones: ['UTC'], version: 3,
};

describe('settings of the team', () => {
  it('are sent as they are shown', () => {
    const { request, wrong } = readSettings(formOf(stored));
    expect(wrong).toEqual({});
    expect(request).toMatchObject({ workshopLatitude: 44.02, workshopLongitude: -1.5, measures: [{ name: 'cup', litres: 0.25 }], weekStarts: 1, workHourCents: 4200, mixLitreCents: null, workLeastCents: 900 });
  });

  it('take a comma, and an empty place', () => {
    const { request } = readSettings({ ...formOf(stored), workshopLatitude: '', workshopLongitude: ' ', measures: [{ key: 1, name: 'jug', litres: '1,5' }] });
    expect(request).toMatchObject({ workshopLatitude: null, workshopLongitude: null, measures: [{ name: 'jug', litres: 1.5 }] });
  });

  it('say everything that cannot be read at once', () => {
    const { request, wrong } = readSettings({ ...formOf(stored), name: ' ', workshopLatitude: 'north', workshopLongitude: 'west', measures: [{ key: 1, name: '', litres: 'much' }] });
    expect(request).toBeNull();
    expect(Object.keys(wrong).sort()).toEqual(['measures.0.litres', 'measures.0.name', 'name', 'workshopLatitude', 'workshopLongitude']);
  });
});
