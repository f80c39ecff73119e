import type { Schemas } from '../../api/client';
import { readLength, type Units } from '../../ui/format';
import type { Choice } from '../plant/parts';
import { toList, type Tapped } from '../check/signs';

type Look = Schemas['LookRequest'];

export const LIGHTS = ['LOW', 'MEDIUM', 'BRIGHT_INDIRECT', 'DIRECT'] as const;

/** How long it stands in its pot, as customers say it, with the days that are meant. */
export const SINCE = [
  { value: '', label: 'Not known' },
  { value: '90', label: 'This season' },
  { value: '365', label: 'A year ago' },
  { value: '730', label: 'Two years ago' },
  { value: '1200', label: 'Longer ago' },
] as const;

/** What is in the hand, as it is written and tapped. */
export interface Hand {
  kind: Choice | null;
  called: string;
  top: string;
  material: Look['potMaterial'];
  holes: boolean;
  light: (typeof LIGHTS)[number];
  height: string;
  since: string;
  tapped: Tapped;
  potId: string;
  mix: string;
}

export const EMPTY: Hand = { kind: null, called: '', top: '', material: 'PLASTIC', holes: true, light: 'BRIGHT_INDIRECT', height: '', since: '', tapped: {}, potId: '', mix: '' };

/** What can be asked already; null while kind or pot are missing or cannot be read. */
export function lookOf(hand: Hand, units: Units, daysAgo: (days: number) => string): Look | null {
  const potTopMm = readLength(hand.top, units);
  const heightMm = hand.height.trim() === '' ? null : readLength(hand.height, units);
  if (!hand.kind || potTopMm === null || (hand.height.trim() !== '' && heightMm === null)) return null;
  return {
    species: 'known' in hand.kind ? hand.kind.known.species : null,
    group: 'known' in hand.kind ? null : hand.kind.group.group,
    commonName: hand.called.trim() || null,
    potTopMm,
    potMaterial: hand.material,
    potHoles: hand.holes ? null : 0,
    heightMm,
    lastRepotted: hand.since === '' ? null : daysAgo(Number(hand.since)),
    light: hand.light,
    signs: toList(hand.tapped),
    potId: hand.potId || null,
    mix: hand.mix || null,
  };
}

/** Signs by what somebody says: every word is somewhere in the label or in how it is looked at. */
export function signsBySaying<T extends { label: string; how: string }>(signs: T[], said: string): T[] {
  const words = said.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  const has = (s: T, where: string) => words.every((w) => where.toLowerCase().includes(w) || s.label.toLowerCase().includes(w));
  const byLabel = signs.filter((s) => has(s, s.label));
  return [...byLabel, ...signs.filter((s) => !byLabel.includes(s) && has(s, s.how))].slice(0, MOST);
}

const MOST = 6;
