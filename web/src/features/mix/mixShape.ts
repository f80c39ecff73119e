import type { Schemas } from '../../api/client';

type Layer = Schemas['LayerView'];

/** Where a pot is drawn, in the units of its drawing. */
export const BOX = { width: 240, height: 240, margin: 14 };

/** The base of a pot of the trade, of its width. */
const BASE = 0.76;

export interface Band {
  /** Corners, from the lower left round to the upper left. */
  water: string;
  air: string;
  coarse: boolean;
}

/**
 * A pot's inside to scale, each layer with its water from the left and its air behind it: what is left of the layer's
 * width is the medium itself.
 */
export function bands(layers: Layer[], topMm: number, heightMm: number, widestMm: number): { outline: string; bands: Band[]; scale: number } {
  const scale = (BOX.width - 2 * BOX.margin) / widestMm;
  const high = (BOX.height - 2 * BOX.margin) / Math.max(widestMm, heightMm);
  const s = Math.min(scale, high);
  const floor = BOX.height - BOX.margin;
  const wide = (mm: number) => (topMm * (BASE + ((1 - BASE) * mm) / heightMm) * s) / 2;
  const y = (mm: number) => floor - mm * s;
  const middle = BOX.width / 2;
  const part = (l: Layer, from: number, to: number) => {
    const x = (mm: number, share: number) => middle - wide(mm) + 2 * wide(mm) * share;
    return [
      [x(l.fromMm, from), y(l.fromMm)],
      [x(l.fromMm, to), y(l.fromMm)],
      [x(l.toMm, to), y(l.toMm)],
      [x(l.toMm, from), y(l.toMm)],
    ]
      .map((c) => c.map((n) => (n ?? 0).toFixed(1)).join(','))
      .join(' ');
  };
  return {
    outline: `M${middle - wide(heightMm)},${y(heightMm)} L${middle - wide(0)},${floor} L${middle + wide(0)},${floor} L${middle + wide(heightMm)},${y(heightMm)}`,
    bands: layers.map((l) => ({ water: part(l, 0, l.water), air: part(l, l.water, l.water + l.air), coarse: l.coarse })),
    scale: s,
  };
}

/** What the drawing shows, in words. */
export function inWords(label: string, layers: Layer[], airFilled: number): string {
  const mix = layers.filter((l) => !l.coarse);
  const low = mix[0];
  const top = mix[mix.length - 1];
  if (!low || !top) return label;
  const share = (n: number) => `${Math.round(n * 100)} %`;
  const over = layers.some((l) => l.coarse) ? 'just over the coarse layer' : 'at the floor';
  return `${label}: ${share(low.water)} water ${over}, ${share(top.water)} at the top; ${share(airFilled)} air in all.`;
}
