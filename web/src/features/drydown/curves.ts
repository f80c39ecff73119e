import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { Schemas } from '../../api/client';

export type Curve = Schemas['DryCurve'];
export type Width = Schemas['PotWidth'];

export interface Frame {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** On a desk, and on a phone, where its words would shrink with it. */
export const DESK: Frame = { width: 640, height: 250, left: 44, right: 12, top: 14, bottom: 34 };
export const PHONE: Frame = { width: 350, height: 230, left: 44, right: 12, top: 14, bottom: 34 };

/** Where days and shares stand in the drawing. */
export function scales(days: number, frame: Frame) {
  return {
    x: scaleLinear([0, days], [frame.left, frame.width - frame.right]),
    y: scaleLinear([0, 1], [frame.height - frame.bottom, frame.top]),
  };
}

export type Scales = ReturnType<typeof scales>;

type Store = 'ball' | 'ring' | 'top' | 'left';

/** One store's water from day to day; empty where there is no such store. */
export function course(curve: Curve, store: Store, { x, y }: Scales): string {
  const points = curve.points.flatMap((p) => (p[store] === null ? [] : [{ day: p.day, share: p[store] }]));
  return (
    line<(typeof points)[number]>()
      .x((p) => x(p.day))
      .y((p) => y(p.share))(points) ?? ''
  );
}

/** What is left for the roots, down to nothing. */
export function water(curve: Curve, { x, y }: Scales): string {
  return (
    area<Curve['points'][number]>()
      .x((p) => x(p.day))
      .y0(y(0))
      .y1((p) => y(p.left))(curve.points) ?? ''
  );
}

const round = (n: number) => (n < 5 ? Math.round(n * 10) / 10 : Math.round(n));

/** "6 to 9 days"; what it is when the pot does not come there. */
export function daysWords(curve: Curve): string {
  const { daysToRefillFrom: from, daysToRefillTo: to } = curve;
  if (from === null || to === null) return 'not within months';
  const [a, b] = [round(from), round(to)];
  return a === b ? `${a} days` : `${a} to ${b} days`;
}

/** Days between two waterings, and how many they would be by today’s light where that differs. */
export function daysBetween({ days, daysToday }: { days: number; daysToday: number }): string {
  const [was, is] = [Math.round(days), Math.round(daysToday)];
  return was === is ? `${was} days` : `${was} days (${is} by today’s light)`;
}

/** What a drawing shows, in words. */
export function curveWords(title: string, curve: Curve): string {
  const airless = curve.daysAirless ?? 0;
  return [
    `${title}: wants water after ${daysWords(curve)}`,
    airless < 0.05 ? 'air in it from the first day' : `hardly any air for ${round(airless)} days`,
    ...(curve.daysRingWet === null || curve.daysRingWet === 0 ? [] : [`its fresh medium stays wet for ${round(curve.daysRingWet)} days`]),
  ].join('; ');
}

/** Days of wet fresh medium against those that a kind stands, as precise as it takes to tell them apart. */
export function wetRing(wet: number | null, stands: number): { value: string; over: boolean; limitWords: string } {
  const over = (wet ?? 0) > stands;
  const close = wet !== null && round(wet) === round(stands);
  const words = (n: number) => String(close ? Math.round(n * 10) / 10 : round(n));
  return { value: wet === null ? '–' : `${words(wet)} d`, over, limitWords: `${over ? 'over' : 'of'} ${words(stands)}` };
}

export interface Strip {
  line: string;
  /** Where the width that is asked about stands. */
  at: { x: number; y: number } | null;
  limit: number | null;
}

export const STRIP = { width: 210, height: 46, pad: 5 };

/** How one number goes with the width of the pot. */
export function strip(widths: Width[], value: (w: Width) => number | null, chosen: number, limit: number | null = null): Strip {
  const values = widths.map(value);
  const most = Math.max(limit ?? 0, ...values.map((v) => v ?? 0), 1e-9);
  const x = scaleLinear([0, Math.max(1, widths.length - 1)], [STRIP.pad, STRIP.width - STRIP.pad]);
  const y = scaleLinear([0, most], [STRIP.height - STRIP.pad, STRIP.pad]);
  const now = values[chosen];
  return {
    line:
      line<number | null>()
        .defined((v) => v !== null)
        .x((_, i) => x(i))
        .y((v) => y(v ?? 0))(values) ?? '',
    at: now === null || now === undefined ? null : { x: x(chosen), y: y(now) },
    limit: limit === null ? null : y(limit),
  };
}
