/** Geometry of pots and balls for drawing: plain functions, no React. Measures in mm, y downwards. */
export interface Outline {
  topMm: number;
  baseMm: number;
  heightMm: number;
}

export interface Point {
  x: number;
  y: number;
}

/** Width at a height over the floor. */
export function widthAt(o: Outline, z: number): number {
  return o.baseMm + ((o.topMm - o.baseMm) * z) / o.heightMm;
}

/** Corners of a body between two heights over its floor, clockwise from top left. */
export function corners(o: Outline, centre: number, floor: number, from = 0, to = o.heightMm): Point[] {
  const lower = widthAt(o, from) / 2;
  const upper = widthAt(o, to) / 2;
  return [
    { x: centre - upper, y: floor - to },
    { x: centre + upper, y: floor - to },
    { x: centre + lower, y: floor - from },
    { x: centre - lower, y: floor - from },
  ];
}

export const points = (ps: Point[]): string => ps.map((p) => `${round(p.x)},${round(p.y)}`).join(' ');

export const round = (n: number): number => Math.round(n * 10) / 10;
