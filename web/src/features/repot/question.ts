import type { Schemas } from '../../api/client';
import { say, width, type Units } from '../../ui/format';
import { plain } from '../../ui/words';

/** What is asked of the fit: a pot on the shelf or of one's own measures, and work otherwise than ruled. */
export interface Question {
  potId: string | null;
  own: OwnPot | null;
  wish: Schemas['Wish'];
}

/** A pot that may exist nowhere: what is not moved on it stays as it is on the pot it started from. */
export interface OwnPot {
  shape: string;
  topMm: number;
  /** Front to back, of a trough. */
  topDepthMm: number | null;
  heightMm: number;
  material: string;
  /** The base as a share of the top. */
  taper: number;
  drainHoles: number | null;
  feet: number | null;
  wireHoles: number | null;
}

/** From the pot that is drawn, else from the one the plant stands in; nobody wants another urn. */
export function ownFrom(shown: Schemas['Candidate'] | null, fit: Schemas['FitView'], oldPot: Schemas['Outline']): OwnPot {
  const outline = shown?.pot ?? oldPot;
  const urn = outline.shape === 'URN';
  return {
    shape: urn ? 'STANDARD' : outline.shape,
    topMm: outline.topMm,
    topDepthMm: outline.shape === 'TROUGH' ? outline.topDepthMm : null,
    heightMm: outline.heightMm,
    material: shown?.material ?? fit.plant.potMaterial,
    taper: Math.min(outline.baseMm / outline.topMm, urn ? 1 : 1.3),
    drainHoles: shown?.drainHoles ?? null,
    feet: shown?.feet ?? null,
    wireHoles: shown?.wireHoles ?? null,
  };
}

function potOf(own: OwnPot): NonNullable<Schemas['WhatIfRequest']['pot']> {
  const { taper, topDepthMm, ...rest } = own;
  return {
    ...rest,
    baseMm: own.topMm * taper,
    ...(topDepthMm === null ? {} : { topDepthMm, baseDepthMm: topDepthMm * taper }),
  };
}

export const AS_RULED: Question = { potId: null, own: null, wish: {} };

const wished = (wish: Schemas['Wish']): boolean => Object.values(wish).some((v) => v !== null && v !== undefined);

export const asksAnything = (q: Question): boolean => q.potId !== null || q.own !== null || wished(q.wish);

/** Cuts and gaps give one another, so only one of the two is asked at once. */
export function withCuts(q: Question, baseSliceMm: number, sideShaveMm: number): Question {
  return { ...q, wish: { ...q.wish, baseSliceMm, sideShaveMm, gapUnderMm: null, gapAroundMm: null } };
}

export function withGaps(q: Question, gapUnderMm: number, gapAroundMm: number): Question {
  return { ...q, wish: { ...q.wish, baseSliceMm: null, sideShaveMm: null, gapUnderMm, gapAroundMm } };
}

export const withWish = (q: Question, wish: Schemas['Wish']): Question => ({ ...q, wish: { ...q.wish, ...wish } });

/** As the server wants it; null where nothing is wished. */
export function wishOf(q: Question): Schemas['Wish'] | null {
  return wished(q.wish) ? q.wish : null;
}

export function requestOf(q: Question): Schemas['WhatIfRequest'] {
  return {
    potId: q.own ? null : q.potId,
    pot: q.own ? potOf(q.own) : null,
    wish: wishOf(q),
  };
}

/** How far a slice and a shave can be moved: part of the height, and of the ball's narrowest side. */
export function mostCuts(ball: Schemas['Outline']): { slice: number; shave: number } {
  const sides = [ball.topMm, ball.baseMm, ball.topDepthMm ?? ball.topMm, ball.baseDepthMm ?? ball.baseMm];
  return { slice: Math.floor(ball.heightMm * 0.6), shave: Math.floor(Math.min(...sides) * 0.3) };
}

/** The pot that is drawn: the one asked about, else the best, else the one to order. */
export function shownPot(plan: Schemas['Repot'], q: Question): Schemas['Candidate'] | null {
  const asked = q.own ? 'what-if' : q.potId;
  return (
    (asked && plan.candidates.find((c) => c.id === asked)) || (plan.candidates.find((c) => c.rank === 1) ?? plan.orderPot)
  );
}

/** As it is called on the shelf, else by what it is. */
export function potName(fit: Schemas['FitView'], pot: Schemas['Candidate'], units: Units): string {
  if (pot.id === 'current') return 'The same pot';
  return fit.pots.find((t) => t.id === pot.id)?.name ?? `${plain(pot.material)} ${say(width(pot.pot.topMm, units))}`;
}
