/** Plain words for the codes that screens show; sentences come from the server. */
const ACTIONS: Record<string, string> = {
  LEAVE: 'Leave it',
  WATCH: 'Watch it',
  FIX_CARE_FIRST: 'Fix the care first',
  POT_UP: 'Pot up',
  REFRESH: 'Refresh the medium',
  ROOT_PRUNE_SAME_POT: 'Root-prune, same pot',
  DRAINAGE_RESCUE: 'Drainage rescue',
  ROT_RESCUE: 'Rot rescue',
  PROPAGATE: 'Take cuttings',
};

const URGENCIES: Record<string, string> = {
  NOW: 'Now',
  SOON: 'Within four weeks',
  THIS_WINDOW: 'In this window',
  NEXT_WINDOW: 'In the next window',
  NOT_DUE: 'Not due',
};

const SAUCERS: Record<string, string> = {
  NOTHING_DUE: 'nothing due',
  IN_WINDOW: 'in its window',
  DUE_NOW: 'due now',
  URGENT: 'urgent',
  ON_HOLD: 'on hold',
  IN_AFTERCARE: 'in aftercare',
};

const GROUPS: Record<string, string> = {
  POT: 'Pot and drainage',
  SURFACE: 'Surface',
  WATER: 'Water',
  LEAF: 'Leaf and growth',
  STABILITY: 'Stability',
  PESTS: 'Pests above ground',
  ROOTS: 'Roots, slipped out of the pot',
};

const PHASES: Record<string, string> = {
  BEFORE: 'Before',
  OUT: 'Out',
  INSPECT: 'Inspect',
  ROOTS: 'Roots',
  POT: 'Pot',
  SET: 'Set',
  FILL: 'Fill',
  FEED: 'Feed',
  WATER: 'Water',
  TOP: 'Top',
  AFTER: 'After',
};

/** A code nobody has given words yet still reads. */
export function plain(code: string): string {
  const words = code.toLowerCase().replaceAll('_', ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Where a plant stands, as one would say it. */
export const placeWords = (site: string, spot: string): string =>
  `${site}, ${spot.charAt(0).toLowerCase()}${spot.slice(1)}`;

export const actionWords = (code: string) => ACTIONS[code] ?? plain(code);
export const urgencyWords = (code: string) => URGENCIES[code] ?? plain(code);
export const saucerWords = (code: string) => SAUCERS[code] ?? plain(code);
export const groupWords = (code: string) => GROUPS[code] ?? plain(code);
export const phaseWords = (code: string) => PHASES[code] ?? plain(code);
