/** Plain words for the codes that screens show; sentences come from the server. */
const ACTIONS: Record<string, string> = {
  LEAVE: 'Leave it',
  WATCH: 'Watch it',
  FIX_CARE_FIRST: 'Fix the care first',
  POT_UP: 'Pot up',
  REFRESH: 'Refresh the medium',
  ROOT_PRUNE_SAME_POT: 'Root-prune, same pot',
  HEAVIER_POT: 'Heavier pot, same size',
  POT_DOWN: 'Pot down',
  DRAINAGE_RESCUE: 'Drainage rescue',
  ROT_RESCUE: 'Rot rescue',
  PEST_CLEAN: 'Wash off root pests',
  TOP_DRESS: 'Top-dress',
  RAISE_OR_SHALLOW: 'Raise the base',
  REPLACE_POT: 'Replace the pot',
  DIVIDE: 'Divide',
  BREAK_OUT: 'Break out: ask the owner',
  RETIRE: 'Retire',
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
  OUT: 'Out of the pot',
  INSPECT: 'Look at the roots',
  ROOTS: 'Roots',
  POT: 'Pot',
  SET: 'Set',
  FILL: 'Fill',
  FEED: 'Feed',
  WATER: 'Water',
  TOP: 'Top',
  AFTER: 'After',
};

const RECORDS: Record<string, string> = {
  TIME_SINCE_REPOT: 'Time since the repot',
  BALL_SHARE: 'Ball against pot',
  ROOTS_UNSEEN: 'Nobody saw the roots',
  SPOT_LIGHT: 'Light of the spot',
  STANDING: 'Weights and foot',
  GROWTH_SINCE_REPOT: 'Growth since the repot',
  OVERWATERED: 'Said to be overwatered',
  UNDERWATERED: 'Said to be underwatered',
};

const FINDINGS: Record<string, string> = {
  CROWDED: 'Crowded',
  SPENT_MEDIUM: 'Spent medium',
  ROT: 'Rot',
  OVER_POTTED: 'Pot too large',
  OVERWATERED: 'Overwatered',
  UNDERWATERED: 'Underwatered',
  ROOT_PESTS: 'Root pests',
  NUTRIENT_SHORTAGE: 'Short of food',
  SALT_BUILD_UP: 'Salts built up',
  UNSTABLE: 'Unstable',
  NO_DRAINAGE: 'No drainage',
  COLLAR_RISK: 'Collar at risk',
  LIGHT_SHORTAGE: 'Too dark',
  DECLINE: 'In decline',
  JUST_NORMAL: 'Just normal',
};

const LEVELS: Record<string, string> = {
  TEAM: 'the team’s choice',
  CLIENT: 'this client’s choice',
  GROUP: 'the choice for its group',
  PLANT: 'this plant’s own choice',
};

const LIGHTS: Record<string, string> = {
  LOW: 'Low light',
  MEDIUM: 'Medium light',
  BRIGHT_INDIRECT: 'Bright, no direct sun',
  DIRECT: 'Direct sun',
};

const RESULTS: Record<string, string> = {
  TOOK_WELL: 'Took well',
  SLOW: 'Takes slowly',
  SET_BACK: 'Was set back',
  LOST: 'Was lost',
};

/** What a line of evidence rests on: a sign, a sign's course from check to check, or the record. */
export function evidenceWords(code: string, signLabel: (code: string) => string): string {
  if (code.startsWith('TREND_')) return `${signLabel(code.slice('TREND_'.length))}, from check to check`;
  return RECORDS[code] ?? signLabel(code);
}

/** A code nobody has given words yet still reads. */
export function plain(code: string): string {
  const words = code.toLowerCase().replaceAll('_', ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Where a plant stands, as one would say it. */
export const placeWords = (site: string, spot: string): string =>
  `${site}, ${spot.charAt(0).toLowerCase()}${spot.slice(1)}`;

export const findingWords = (code: string) => FINDINGS[code] ?? plain(code);
export const levelWords = (level: string | null) => (level === null ? 'the default' : (LEVELS[level] ?? plain(level)));
export const lightWords = (code: string) => LIGHTS[code] ?? plain(code);
const MIX_FITS: Record<string, string> = { SUITS: 'suits it in this pot', TOO_WET: 'too wet for it in this pot', TOO_AIRY: 'too airy for it in this pot' };
const MIX_CHOICES: Record<string, string> = { BEST: 'Its best mix', ACCEPTABLE: 'One it stands', OTHER: 'Not one of its own' };
export const mixFitWords = (choice: string | null, fit: string) => `${choice ? (MIX_CHOICES[choice] ?? plain(choice)) : ''}, ${MIX_FITS[fit] ?? plain(fit).toLowerCase()}`;

const WALK_INS: Record<string, string> = { ASKED: 'Asked for advice', HERE: 'Here for work', READY: 'Ready to be fetched', HOME: 'Taken home' };
export const walkInWords = (code: string) => WALK_INS[code] ?? plain(code);

const MESSAGE_KINDS: Record<string, string> = { WATER: 'Water changes', MISSED: 'Was it watered?', FOLLOW_UP: 'A look at it soon', COMING: 'We come tomorrow' };
export const messageKindWords = (code: string) => MESSAGE_KINDS[code] ?? plain(code);
const MESSAGE_STATUSES: Record<string, string> = { WAITING: 'Waiting', SENDING: 'On its way', SENT: 'Sent', FAILED: 'Could not be sent', ENDED: 'Not wanted any more' };
export const messageStatusWords = (code: string) => MESSAGE_STATUSES[code] ?? plain(code);

/** Leaves lost since a repot, by eye. */
const LEAF_LOSSES: Record<string, string> = { NONE: 'no leaves lost', FEW: 'a few leaves lost', THIRD: 'about a third of the leaves lost', MOST: 'most leaves lost' };
export const LEAF_LOSS = Object.keys(LEAF_LOSSES);
export const leafLossWords = (code: string) => LEAF_LOSSES[code] ?? plain(code);
export const resultWords = (code: string) => RESULTS[code] ?? plain(code);
export const ALL_ACTIONS = Object.keys(ACTIONS);
export const actionWords = (code: string) => ACTIONS[code] ?? plain(code);
export const urgencyWords = (code: string) => URGENCIES[code] ?? plain(code);
export const saucerWords = (code: string) => SAUCERS[code] ?? plain(code);
export const groupWords = (code: string) => GROUPS[code] ?? plain(code);
export const phaseWords = (code: string) => PHASES[code] ?? plain(code);
