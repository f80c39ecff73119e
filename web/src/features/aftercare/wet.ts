import { daysBetween } from '../../ui/format';

export interface WetPoint {
  on: string;
  wet: number;
}

export interface Frame {
  width: number;
  height: number;
  top: number;
}

/** Where a day stands in the drawing. */
export function across(points: WetPoint[], frame: Frame): (on: string) => number {
  const first = points[0]?.on ?? '';
  const days = Math.max(1, daysBetween(first, points[points.length - 1]?.on ?? first));
  return (on) => (daysBetween(first, on) / days) * frame.width;
}

/** How wet it should be, as a line; a watering stands upright. */
export function curve(points: WetPoint[], frame: Frame): string {
  const x = across(points, frame);
  const y = (wet: number) => frame.top + (1 - wet) * frame.height;
  return points
    .map((p, i) => {
      const before = points[i - 1];
      const at = x(p.on).toFixed(1);
      if (!before) return `M${at} ${y(p.wet).toFixed(1)}`;
      return before.wet < p.wet ? `L${at} ${y(before.wet).toFixed(1)}L${at} ${y(p.wet).toFixed(1)}` : `L${at} ${y(p.wet).toFixed(1)}`;
    })
    .join('');
}

/** What the drawing shows, in words. */
export function wetWords(points: WetPoint[], poured: string[], found: { on: string; wet: boolean }[], today: string): string {
  const now = points.find((p) => p.on === today);
  const parts = [now ? `It should hold about ${Math.round(now.wet * 100)} % of its water today` : 'Its water'];
  parts.push(poured.length === 0 ? 'no watering is on record since' : poured.length === 1 ? 'watered once since' : `watered ${poured.length} times since`);
  const last = found[found.length - 1];
  if (last) parts.push(`found ${last.wet ? 'wet' : 'dry'} ${last.on === today ? 'today' : `${daysBetween(last.on, today)} days ago`}`);
  return `${parts.join('; ')}.`;
}
