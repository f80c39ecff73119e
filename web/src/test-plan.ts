import type { Schemas } from './api/client';
import { advice, plant } from './test-data';

/** A made-up plan with two pots, for tests of the fit and the bench. */
export const outline = (shape: string, topMm: number, baseMm: number, heightMm: number): Schemas['Outline'] => ({
  shape, topMm, baseMm, heightMm, topDepthMm: null, baseDepthMm: null, mouthMm: null,
});

/** A section with its heights, as the server sends them; the pot it stood in was filled to 20 mm under its rim. */
export function stood(section: Omit<Schemas['Section'], 'stand'>, own = false): Schemas['Section'] {
  const { oldPot, newPot, ballBefore, ballAfter, levels } = section;
  const pot = newPot ?? oldPot;
  const another = newPot !== null && !own;
  const fillMm = pot.heightMm - (levels?.rimGapMm ?? 20);
  const bottomMm = Math.max(0, levels?.baseLayerMm ?? 0);
  const topMm = bottomMm + ballAfter.heightMm;
  const oldFloorMm = another ? topMm - (oldPot.heightMm - 20) : null;
  const beforeBottomMm = another ? topMm - ballBefore.heightMm : Math.max(0, topMm - ballBefore.heightMm);
  const tops = [pot.heightMm, topMm, beforeBottomMm + ballBefore.heightMm, ...(oldFloorMm === null ? [] : [oldFloorMm + oldPot.heightMm])];
  return {
    ...section,
    stand: {
      fillMm, bottomMm, topMm, beforeBottomMm, oldFloorMm,
      soilMm: (levels?.raiseMm ?? 0) > 0 ? fillMm - bottomMm : ballAfter.heightMm,
      lowestMm: Math.min(0, beforeBottomMm, oldFloorMm ?? 0), highestMm: Math.max(...tops),
      widestMm: Math.max(pot.topMm, ballBefore.topMm, another ? oldPot.topMm : 0),
    },
  };
}

export function candidate(id: string, topMm: number, rank: number | null): Schemas['Candidate'] {
  return {
    id, rank, pot: outline('STANDARD', topMm, topMm * 0.76, topMm * 0.92), material: 'PLASTIC', drainHoles: 6, footMm: topMm * 0.8, potMassG: 600,
    feet: 0, wireHoles: 0, stepMm: topMm - 215, ballShare: 0.6, clearanceMm: 15, rimGapMm: 20, baseLayerMm: 25, fillLitres: 9, freshLitres: 3.2,
    containerCapacity: 0.58, airFilledPorosity: 0.27, daysToTopDry: 7, daysToRefill: 6, daysAirless: 0, daysRingWet: 9, tiltDegrees: 17, pushN: 7.2,
    dryMassG: 3700, wetMassG: 8900, addMassG: 2300, widerFootMm: 280, plasticSavesG: null, mix: 'foliage', mixLabel: 'Foliage mix', mixLitres: 3.9,
    raiseMm: 0, coarseLayerMm: 0, wetZoneMm: 33, stand: null, schools: ['SMALL_STEP'],
    failures: rank === null ? [{ code: 'CLEARANCE', text: `Only 3 mm in the ${topMm}.` }] : [], remarks: [],
  };
}

export const plan: Schemas['Repot'] = {
  workOn: '2027-04-12',
  candidates: [candidate('a', 260, 1), candidate('b', 270, 2), candidate('c', 230, null)],
  sizing: ['By the small step.'], order: null, otherwise: null, orderPot: null,
  rootWork: {
    loosening: 'TEASE', baseSliceMm: 0, sideShaveMm: 0, rootShare: 0, canopyShare: 0, limit: 0.33, likelyRootLoss: 0, confirm: false, overLimit: false,
    callusDays: 0, notes: [], samePot: { baseSliceMm: 16, sideShaveMm: 9, rootShare: 0.27 },
  },
  mix: { code: 'foliage', label: 'Foliage mix', litres: 3.9, reusableLitres: 0, coarseLitres: 0, filler: null, ingredients: [], recipe: '2.4 L peat, 1.5 L bark' },
  levels: { rimGapMm: 20, baseLayerMm: 25, raiseMm: 0 },
  ballMoisture: 'MOIST',
  feed: { kind: 'SLOW_RELEASE', grams: 6, holdUntil: null, why: '' },
  waterIn: { on: '2027-04-12', litres: 1 },
  steps: [],
  section: stood({
    oldPot: outline('STANDARD', 230, 175, 220), ballBefore: outline('BALL', 215, 170, 195), ballAfter: outline('BALL', 215, 170, 195),
    newPot: outline('STANDARD', 260, 198, 239), wetZoneMm: 33, coarseLayerMm: 0, levels: { rimGapMm: 20, baseLayerMm: 25, raiseMm: 0 }, collarMm: null, wires: null,
  }),
  pieces: 1, lift: { how: 'ONE', two: false, massG: 9000 }, needs: [],
};

export function planned(more: Partial<Schemas['Repot']> = {}): Schemas['Advice'] {
  const ruled = advice('POT_UP', 'THIS_WINDOW');
  return { ...ruled, call: { ...ruled.call, from: '2027-04-12', to: '2027-09-10' }, repot: { ...plan, ...more } };
}

export const fit: Schemas['FitView'] = {
  plant, saucer: 'IN_WINDOW', waterLeft: 0.5, advice: planned(), keepsStock: true,
  pots: [
    { id: 'a', name: 'Plastic 26 cm', free: 4, priceCents: 320, covers: [{ id: 'k', name: 'Sand cover 34 cm', free: 1, gapMm: 9 }] },
    { id: 'b', name: 'Plastic 27 cm', free: 1, priceCents: null, covers: [] },
    { id: 'c', name: 'Plastic 23 cm', free: 2, priceCents: 240, covers: [] },
  ],
  taken: [{ name: 'Glaze 26 cm', candidate: candidate('d', 260, 1), by: [{ jobId: 'j9', count: 1, plannedOn: '2027-04-20', label: 'T-009', commonName: 'Fig', siteName: 'Hall' }] }],
  mixes: [{ code: 'foliage', label: 'Foliage mix' }, { code: 'citrus', label: 'Citrus mix' }],
  potStep: 'SMALL_STEP', openJob: null, jobWish: null,
};

export const job: Schemas['JobView'] = {
  job: {
    id: 'j1', plantId: 'p1', action: 'POT_UP', urgency: 'THIS_WINDOW', status: 'PLANNED', windowFrom: '2027-04-12', windowTo: '2027-09-10', plannedOn: '2027-04-14',
    minutes: 25, potId: 'a', doneOn: null, version: 1, label: 'T-001', commonName: 'Fiddle-leaf fig', species: 'Ficus lyrata', potShape: 'STANDARD', potTopMm: 280,
    potBaseMm: 213, potHeightMm: 258, shelfPotId: 'a', potCount: 1, potName: 'Plastic 26 cm', minutesTaken: null, oldPot: null, fit: 'FITS', note: null, spotName: 'By the window',
    siteName: 'Terminal hall', clientName: 'Ferry Line',
  },
  advice: planned(), wish: null, toOrder: false, front: null, angleDegrees: null,
  steps: [
    { position: 0, phase: 'BEFORE', text: 'Water it the day before.', tickedAt: null },
    { position: 1, phase: 'INSPECT', text: 'Look at the roots.', tickedAt: null },
    { position: 2, phase: 'SET', text: 'Set the ball.', tickedAt: null },
  ],
  found: [], photos: [], changes: [], why: [],
};
