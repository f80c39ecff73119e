import type { Schemas } from '../../../api/client';

/** What is tapped on a photo, in the order in which it is asked for. */
export const TAPS = [
  { key: 'rimLeft', label: 'Left end of the rim', hint: 'Tap the left end of the pot’s rim.' },
  { key: 'rimRight', label: 'Right end', hint: 'Tap the right end of the rim.' },
  { key: 'top', label: 'Top', hint: 'Tap the highest point of the plant.' },
  { key: 'left', label: 'Leftmost', hint: 'Tap what spreads furthest to the left.' },
  { key: 'right', label: 'Rightmost', hint: 'Tap what spreads furthest to the right.' },
  { key: 'foot', label: 'Foot of the stem', hint: 'For the lean: tap where the stem leaves the medium.' },
  { key: 'tip', label: 'Tip of the stem', hint: 'Tap where the bare stem ends above.' },
  { key: 'from', label: 'Any width, from', hint: 'Any other width: tap one end of it.' },
  { key: 'to', label: 'to', hint: 'Tap its other end.' },
] as const;

export type TapKey = (typeof TAPS)[number]['key'];
export type Tapped = Partial<Record<TapKey, { x: number; y: number }>>;

/** What is asked for next: the first after this one that is not tapped yet. */
export function nextTap(tapped: Tapped, after: TapKey | null): TapKey | null {
  const at = TAPS.findIndex((t) => t.key === after);
  return TAPS.slice(at + 1).find((t) => !(t.key in tapped))?.key ?? null;
}

/** The question as it is sent; null until the rim and something to measure are tapped. */
export function questionOf(tapped: Tapped, size: { width: number; height: number }, rimMm: number | null): Schemas['TapsRequest'] | null {
  const { rimLeft, rimRight, top, left, right, foot, tip, from, to } = tapped;
  if (!rimLeft || !rimRight) return null;
  if (!top && !(left && right) && !(foot && tip) && !(from && to)) return null;
  return {
    photoWidth: size.width, photoHeight: size.height, rimMm, rimLeft, rimRight, top: top ?? null, left: left ?? null, right: right ?? null,
    foot: foot ?? null, tip: tip ?? null, from: from ?? null, to: to ?? null,
  };
}

const CAUSES: Record<Schemas['Reading']['cause'], string> = {
  RIM: 'mostly because the rim is small in the photo: come closer',
  TAP: 'mostly from the tap: it is small in the photo',
  DEPTH: 'mostly because the camera was near: step back',
  TILT: 'mostly because the photo takes in much: step back, hold the phone upright',
};

export const causeWords = (cause: Schemas['Reading']['cause']): string => CAUSES[cause];
