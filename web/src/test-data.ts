import type { Schemas } from './api/client';

/** Small made-up answers of the server, for tests of whole screens. */
export const session: Schemas['SessionView'] = {
  user: { account: 'technician', name: 'Jorun Pell', role: 'TECHNICIAN', units: 'METRIC' },
  team: { name: 'Tidepot Plant Care', zone: 'UTC', demo: true, currency: 'EUR', paper: 'A4', units: 'METRIC', weekStarts: 1 },
  firstAccountNeeded: false,
  demoPeople: [], oneTap: true, troubles: [],
  today: '2027-04-12',
  now: '2027-04-12T08:30:00Z',
};

export const plant: Schemas['StoredPlant'] = {
  id: 'p1', label: 'T-001', spotId: 's1', species: 'Ficus lyrata', speciesGroup: null, commonName: 'Fiddle-leaf fig',
  heightMm: 1900, spreadMm: 800, sizeWish: 'GROW', lastRepotted: null, mix: 'foliage', fed: true,
  watererHabit: 'EVEN', potShape: 'STANDARD', potMaterial: 'PLASTIC', potTopMm: 280, potBaseMm: 213,
  potHeightMm: 258, potMouthMm: null, potTopDepthMm: null, potBaseDepthMm: null, potFootMm: null, potMassG: null, potHoles: 6, inCoverPot: false, coverTopMm: null, coverHeightMm: null, coverMassG: null, coverFixed: false, potFeet: 0, potWireHoles: 0, ballTopMm: null, ballBaseMm: null, ballTopDepthMm: null,
  ballBaseDepthMm: null, ballHeightMm: null, ballMeasuredOn: null, feedKind: null, feedGrams: null, feedHoldUntil: null, parentId: null, note: '', retiredOn: null,
  version: 1, spotName: 'By the window', light: 'BRIGHT_INDIRECT', siteId: 'x', siteName: 'Terminal hall',
  latitude: 44, outdoors: false, siteUse: 'PUBLIC', clientId: 'c1', clientName: 'Ferry Line', drawnBaseMm: 213, drawnHeightMm: 258,
};

export function advice(action: string, urgency: string): Schemas['Advice'] {
  return {
    bookVersion: 'b', findings: [],
    call: { action, urgency, from: null, to: null, recheck: '2027-08-01', reasons: [`Because of ${action}.`], holds: [], interim: [], also: [], alternatives: [], overruled: null },
    lookNext: [], slip: null, forecast: { rootFill: 0.5, clearFrom: null, clearTo: null, basis: '' }, repot: null, present: null, size: { heightMm: 1900, spreadMm: 800, measured: true },
    water: {
      before: { daysToTopDry: 3, daysToRefill: 5, daysToRefillFrom: 4, daysToRefillTo: 6, daysAirless: 0, daysRingWet: null, litresPerDay: 0.1, litres: 0.5, uncertainty: 0.15, basis: '' },
      after: null, settled: null, now: null
    },
    aftercare: { plan: 'NONE', steps: [], weeks: [] }, cautions: [], assumed: [], leftOut: [],
  };
}

export const plantView: Schemas['PlantView'] = {
  plant, saucer: 'NOTHING_DUE', waterLeft: 0.5, trialPourLitres: 0.7, standing: [], states: [{ code: 'IN_BUD', days: null }],
  advice: advice('LEAVE', 'NOT_DUE'), checks: [], waterings: [], jobs: [], openJob: null, aftercare: null, changes: [],
  courses: [], argument: { asides: [], overrule: null }, method: { chosen: [], turns: [] }, arguments: [], photos: [], outcomes: [],
};

export const catalogue: Schemas['Catalogue'] = {
  bookVersion: 'b',
  signs: [
    { code: 'SURFACE_HARD', group: 'SURFACE', measure: 'NONE', unit: '', least: 0, most: 0, label: 'Surface too hard', how: 'Push.' },
    { code: 'ROOTS_CIRCLING', group: 'ROOTS', measure: 'GRADE', unit: '', least: 0, most: 0, label: 'Roots circling', how: 'Slip.' },
  ],
  states: [
    { code: 'IN_BUD', label: 'In bud', countsDays: false },
    { code: 'RESTING', label: 'Resting', countsDays: false },
  ],
  species: [], mixes: [], tradeSizes: [],
};

export const round: Schemas['Round'] = {
  date: '2027-04-12',
  stops: [
    {
      siteId: 'x', siteName: 'Terminal hall', clientName: 'Ferry Line', accessNote: 'Key at the desk.', opens: null, closes: null, visit: null,
      plants: [
        {
          plant: { ...plant, potBaseMm: 213, potHeightMm: 258 }, action: 'POT_UP', urgency: 'SOON', rootFill: 0.9, waterLeft: 0.5, saucer: 'DUE_NOW',
          lastChecked: '2027-03-15', checkedToday: false, usualLitres: null, wateredToday: false, keepDry: null, due: [{ kind: 'CHECK', text: 'Check due', id: null }],
        },
      ],
    },
  ],
};
