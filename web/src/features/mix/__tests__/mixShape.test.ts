import { describe, expect, it } from 'vitest';
import { bands, inWords } from '../mixShape';

const layer = (fromMm: number, toMm: number, water: number, air: number, coarse = false) => ({ fromMm, toMm, water, air, coarse });
const x = (points: string) => points.split(' ').map((p) => Number(p.split(',')[0]));

describe('a mix in a pot', () => {
  const layers = [layer(0, 50, 0.6, 0.2), layer(50, 100, 0.3, 0.5)];

  it('draws water as wide as its share of the layer, and air behind it', () => {
    const [low, high] = bands(layers, 200, 100, 400).bands;
    const wide = (points: string) => (x(points)[1] ?? 0) - (x(points)[0] ?? 0);
    expect(wide(low?.water ?? '') / wide(low?.air ?? '')).toBeCloseTo(3, 1);
    expect(wide(high?.air ?? '')).toBeGreaterThan(wide(high?.water ?? ''));
    expect(x(low?.air ?? '')[0]).toBeCloseTo(x(low?.water ?? '')[1] ?? 0, 1);
  });

  it('is drawn to one scale: half the width is half as wide', () => {
    const edge = (mm: number) => Number(/M([\d.]+)/.exec(bands(layers, mm, 100, 400).outline)?.[1]);
    expect(120 - edge(100)).toBeCloseTo((120 - edge(200)) / 2, 5);
  });

  it('says in words what it shows', () => {
    expect(inWords('Foliage mix', layers, 0.31)).toBe('Foliage mix: 60 % water at the floor, 30 % at the top; 31 % air in all.');
    expect(inWords('Foliage mix', [layer(0, 20, 0.02, 0.4, true), ...layers], 0.2)).toContain('just over the coarse layer');
  });
});
