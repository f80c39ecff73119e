import type { Schemas } from '../api/client';
import { length, litres, say, width, type Units } from './format';
import { widthAt, type Outline } from './potShape';

/** What is drawn: one pot with its ball in it, and what it came from. Heights count up from the floor, in mm. */
export interface Drawn {
  walls: Schemas['Outline'];
  isNew: boolean;
  /** The pot it stood in, where that is another one. */
  oldPot: Schemas['Outline'] | null;
  before: Schemas['Outline'];
  after: Schemas['Outline'];
  /** Where everything stands, as the advice says. */
  stand: Schemas['Stand'];
  raiseMm: number;
  wetZoneMm: number;
  coarseLayerMm: number;
  collarMm: number | null;
  wires: number | null;
  freshLitres: number | null;
  rootShare: number;
}

/** A plan's section with another of its pots in place of the chosen one; without a plan the pot it stands in. */
export function drawn(
  section: Schemas['Section'],
  rootShare = 0,
  candidate: Schemas['Candidate'] | null = null,
): Drawn {
  const walls = candidate?.pot ?? section.newPot ?? section.oldPot;
  const isNew = candidate !== null || section.newPot !== null;
  const same = candidate?.id === 'current' || !isNew;
  return {
    walls,
    isNew,
    oldPot: same ? null : section.oldPot,
    before: section.ballBefore,
    after: section.ballAfter,
    stand: candidate?.stand ?? section.stand,
    raiseMm: candidate?.raiseMm ?? section.levels?.raiseMm ?? 0,
    wetZoneMm: candidate?.wetZoneMm ?? section.wetZoneMm,
    coarseLayerMm: candidate?.coarseLayerMm ?? section.coarseLayerMm,
    collarMm: isNew ? section.collarMm : null,
    wires: isNew ? section.wires : null,
    freshLitres: candidate?.freshLitres ?? null,
    rootShare,
  };
}

export interface Frame {
  scale: number;
  centre: number;
  /** y of the highest thing that is drawn */
  top: number;
  /** y of the floor of the pot that is drawn */
  floor: number;
  bottom: number;
}

/** One scale for everything, so that all of it stands in the box. */
export function frame(d: Drawn, left: number, top: number, width: number, height: number): Frame {
  const { lowestMm, highestMm, widestMm } = d.stand;
  const scale = Math.min(width / widestMm, height / (highestMm - lowestMm));
  const floor = top + highestMm * scale;
  return { scale, centre: left + width / 2, top, floor, bottom: floor - lowestMm * scale };
}

export interface Label {
  key: string;
  name: string;
  value: string;
  /** Where its line begins, in the drawing. */
  x: number;
  y: number;
}

/** Labels one under another, each as near to its place as the ones above let it be. */
export function spread(labels: Label[], gap: number, from: number): (Label & { at: number })[] {
  let next = from;
  return [...labels]
    .sort((a, b) => a.y - b.y)
    .map((l) => {
      const at = Math.max(next, l.y);
      next = at + gap;
      return { ...l, at };
    });
}

const isDeep = (o: Schemas['Outline']): boolean => o.topDepthMm !== null && Math.abs(o.topDepthMm - o.topMm) > 1;

/** Two measures in one unit: "22.5 × 19.2 cm". */
export function times(a: number, b: number, units: Units): string {
  const [x, y] = [width(a, units), width(b, units)];
  return `${x.value} × ${y.value} ${y.unit}`;
}

/** Inside width, and front to back where that is another. */
export function across(o: Schemas['Outline'], units: Units): string {
  return isDeep(o) && o.topDepthMm !== null ? times(o.topMm, o.topDepthMm, units) : say(length(o.topMm, units));
}

/** Inside width and depth, in one unit: "11 cm × 9.9 cm". */
export const measures = (o: Schemas['Outline'], units: Units): string =>
  `${isDeep(o) ? across(o, units) : say(width(o.topMm, units))} × ${say(width(o.heightMm, units))}`;

/** What there is to say for someone who cannot see the drawing. */
export function describe(d: Drawn, units: Units): string {
  const mm = (n: number) => say(length(n, units));
  const parts: string[] = [];
  const old = d.oldPot ?? (d.isNew ? null : d.walls);
  if (old) parts.push(`${d.isNew ? 'Old pot' : 'Pot'} ${across(old, units)} wide and ${mm(old.heightMm)} deep.`);
  parts.push(
    `Root ball ${mm(d.after.topMm)} wide and ${mm(d.after.heightMm)} tall${d.isNew ? ' after the work' : ''}.`,
  );
  if (d.rootShare > 0) parts.push(`${Math.round(d.rootShare * 100)} % of the roots comes off.`);
  if (d.isNew) {
    const extra = [
      `base layer ${mm(d.stand.bottomMm)}`,
      `rim gap ${mm(d.walls.heightMm - d.stand.fillMm)}`,
      d.coarseLayerMm > 0 ? `${mm(d.coarseLayerMm)} of coarse material on the floor` : '',
      d.raiseMm > 0 ? `raised by ${mm(d.raiseMm)}` : '',
      d.raiseMm < 0 ? `set lower by ${mm(-d.raiseMm)}` : '',
      d.collarMm ? `a collar of grit ${mm(d.collarMm)} deep` : '',
      d.wires ? `${d.wires} wires over the ball` : '',
      d.freshLitres === null ? '' : `${say(litres(d.freshLitres, units))} of fresh medium`,
    ].filter(Boolean);
    parts.push(
      `${d.oldPot ? 'New pot' : 'Its own pot'} ${across(d.walls, units)} wide and ${mm(d.walls.heightMm)} deep, ${extra.join(', ')}.`,
    );
    const { topMm, fillMm } = d.stand;
    if (topMm > d.walls.heightMm) parts.push(`The ball stands ${mm(topMm - fillMm)} too high.`);
  }
  if (d.wetZoneMm > 1) parts.push(`After watering it stays wet up to ${mm(d.wetZoneMm)} over the floor.`);
  return parts.join(' ');
}

/** The walls from rim to rim; where the mouth is narrower, in to the mouth and a little up. */
export function wallPoints(walls: Schemas['Outline'], f: Frame): { x: number; y: number }[] {
  const half = (o: Outline, z: number) => (widthAt(o, z) / 2) * f.scale;
  const y = (z: number) => f.floor - z * f.scale;
  const side = (sign: 1 | -1) => {
    const points = [
      { x: f.centre + sign * half(walls, 0), y: y(0) },
      { x: f.centre + sign * half(walls, walls.heightMm), y: y(walls.heightMm) },
    ];
    if (walls.mouthMm !== null && walls.mouthMm < walls.topMm) {
      const mouth = (walls.mouthMm / 2) * f.scale;
      points.push({ x: f.centre + sign * mouth, y: y(walls.heightMm) - 5 });
      points.push({ x: f.centre + sign * mouth, y: y(walls.heightMm) - 11 });
    }
    return points;
  };
  return [...side(-1).reverse(), ...side(1)];
}
