import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { candidate, stood } from '../../test-plan';
import { show } from '../../test-render';
import { PotGlyph, type SaucerState } from '../PotGlyph';
import { Section } from '../Section';
import { corners, widthAt } from '../potShape';
import { measures, spread, wallPoints } from '../sectionShape';

const pot = { topMm: 260, baseMm: 200, heightMm: 240 };

describe('pot shapes', () => {
  it('widen evenly from base to top', () => {
    expect(widthAt(pot, 0)).toBe(200);
    expect(widthAt(pot, 120)).toBe(230);
    expect(widthAt(pot, 240)).toBe(260);
  });

  it('stand on their floor, centred', () => {
    expect(corners(pot, 200, 300)).toEqual([
      { x: 70, y: 60 },
      { x: 330, y: 60 },
      { x: 300, y: 300 },
      { x: 100, y: 300 },
    ]);
  });
});

describe('the pot on its saucer', () => {
  const drawn = (saucer: SaucerState) =>
    show(<PotGlyph pot={pot} saucer={saucer} rootFill={0.9} waterLeft={0.4} units="METRIC" />).container.innerHTML;

  it('says in words what it draws', () => {
    drawn('ON_HOLD');
    expect(screen.getByRole('img')).toHaveAccessibleName('26 cm pot, roots fill about 90 %, on hold');
  });

  it('has a form of its own for every state, without colour', () => {
    const states: SaucerState[] = ['NOTHING_DUE', 'IN_WINDOW', 'DUE_NOW', 'URGENT', 'ON_HOLD', 'IN_AFTERCARE'];
    const forms = states.map((s) => drawn(s).replace(/aria-label="[^"]*"/, ''));
    expect(new Set(forms.map((f) => [...f.matchAll(/ d="([^"]*)"/g)].map((m) => m[1]).join('|') + /held/.test(f))).size).toBe(6);
  });

  it('keeps one scale: a pot twice as wide is drawn twice as wide', () => {
    const width = (topMm: number) => {
      const { container, unmount } = show(
        <PotGlyph pot={{ topMm, baseMm: topMm * 0.76, heightMm: topMm }} saucer="NOTHING_DUE" units="METRIC" />,
      );
      const xs = (container.querySelector('polyline')?.getAttribute('points') ?? '')
        .split(' ')
        .map((p) => Number(p.split(',')[0]));
      unmount();
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(width(300)).toBeCloseTo(2 * width(150), 0);
  });
});

const outline = (shape: string, topMm: number, baseMm: number, heightMm: number): Schemas['Outline'] => ({
  shape, topMm, baseMm, heightMm, topDepthMm: null, baseDepthMm: null, mouthMm: null,
});

const planned: Omit<Schemas['Section'], 'stand'> = {
  oldPot: outline('STANDARD', 230, 175, 220),
  ballBefore: outline('BALL', 215, 170, 195),
  ballAfter: outline('BALL', 215, 170, 195),
  newPot: outline('STANDARD', 260, 200, 240),
  wetZoneMm: 30, coarseLayerMm: 0, collarMm: null, wires: null,
  levels: { rimGapMm: 20, baseLayerMm: 25, raiseMm: 0 },
};

const box = (element: Element | null | undefined) => {
  const ps = (element?.getAttribute('points') ?? '').split(' ').map((p) => p.split(',').map(Number));
  const xs = ps.map((p) => p[0] ?? 0);
  const ys = ps.map((p) => p[1] ?? 0);
  return { width: Math.max(...xs) - Math.min(...xs), height: Math.max(...ys) - Math.min(...ys), top: Math.min(...ys), bottom: Math.max(...ys) };
};

const part = (root: ParentNode, name: string) => root.querySelector(`[data-part="${name}"]`);

const candidateOf = (pot: Schemas['Outline']) => ({ ...candidate('x', pot.topMm, 1), pot, rimGapMm: 35, baseLayerMm: 0 });

describe('the cross-section', () => {
  it('carries its numbers in words for people who cannot see it', () => {
    show(<Section section={stood(planned)} units="METRIC" />);
    const name = screen.getByRole('img').getAttribute('aria-label') ?? '';
    expect(name).toContain('New pot 26 cm wide and 24 cm deep, base layer 25 mm, rim gap 20 mm');
    expect(name).toContain('stays wet up to 30 mm');
  });

  it('shows a coarse layer under the wet zone, a raised base, a collar and wires', () => {
    const { container } = show(
      <Section
        section={stood({ ...planned, coarseLayerMm: 30, wetZoneMm: 60, collarMm: 9, wires: 2, levels: { rimGapMm: 15, baseLayerMm: 60, raiseMm: 25 } })}
        units="METRIC"
      />,
    );
    expect(screen.getByRole('img')).toHaveAccessibleName(/30 mm of coarse material on the floor, raised by 25 mm, a collar of grit 9 mm deep, 2 wires/);
    expect(container.querySelectorAll('polygon[class*="coarse"]')).toHaveLength(1);
    expect(part(container, 'collar')).not.toBeNull();
    expect(part(container, 'wires')?.querySelectorAll('path')).toHaveLength(2);
    expect(container.textContent).toContain('base shown');
    const [wall, soil, bared, collar] = [box(part(container, 'wall')), box(part(container, 'ball')), box(part(container, 'bared')), part(container, 'collar')];
    expect(bared.bottom).toBeCloseTo(soil.top, 0);
    expect(Number(collar?.getAttribute('y')) + Number(collar?.getAttribute('height'))).toBeCloseTo(soil.top, 0);
    expect(bared.top).toBeLessThan(wall.bottom);
  });

  it('bares nothing of a ball that is only too tall for its pot', () => {
    const { container } = show(<Section section={stood({ ...planned, levels: { rimGapMm: 20, baseLayerMm: 60, raiseMm: 0 } })} units="METRIC" />);
    expect(part(container, 'bared')).toBeNull();
  });

  it('draws only the pot it stands in where nothing is planned', () => {
    const { container } = show(<Section section={stood({ ...planned, newPot: null })} units="IMPERIAL" />);
    expect(screen.getByRole('img')).toHaveAccessibleName(/^Pot 9 in wide and 8.75 in deep\. Root ball/);
    expect(part(container, 'old')).toBeNull();
    expect(container.textContent).not.toContain('base layer');
  });

  it('keeps every measure of a 9 cm pot and of an 80 cm trough in proportion', () => {
    const small = { ...planned, oldPot: outline('STANDARD', 70, 53, 64), ballBefore: outline('BALL', 68, 53, 54), ballAfter: outline('BALL', 68, 53, 54), newPot: outline('STANDARD', 90, 68, 83), levels: { rimGapMm: 10, baseLayerMm: 19, raiseMm: 0 } };
    const trough = { ...outline('TROUGH', 800, 750, 190), topDepthMm: 200, baseDepthMm: 180 };
    const long = { ...planned, oldPot: outline('TROUGH', 600, 560, 180), ballBefore: outline('BALL', 590, 560, 150), ballAfter: outline('BALL', 590, 560, 150), newPot: trough, levels: { rimGapMm: 35, baseLayerMm: 5, raiseMm: 0 } };
    for (const section of [small, long]) {
      const { container, unmount } = show(<Section section={stood(section)} units="METRIC" />);
      const wall = box(part(container, 'wall'));
      const ball = box(part(container, 'ball'));
      const pot = section.newPot ?? section.oldPot;
      expect(wall.width / wall.height).toBeCloseTo(pot.topMm / pot.heightMm, 1);
      expect(ball.width / wall.width).toBeCloseTo(section.ballAfter.topMm / pot.topMm, 2);
      const scale = wall.height / pot.heightMm;
      expect((wall.bottom - ball.bottom) / scale).toBeCloseTo(section.levels?.baseLayerMm ?? 0, 0);
      expect((ball.top - wall.top) / scale).toBeCloseTo(pot.heightMm - (section.levels?.baseLayerMm ?? 0) - section.ballAfter.heightMm, 0);
      unmount();
    }
    show(<Section section={stood(long)} units="METRIC" />);
    expect(screen.getByRole('img')).toHaveAccessibleName(/New pot 80 × 20 cm wide/);
  });

  it('says width and depth of a pot in one unit', () => {
    expect(measures(outline('STANDARD', 110, 84, 99), 'METRIC')).toBe('11 cm × 9.9 cm');
    expect(measures({ ...outline('TROUGH', 800, 750, 90), topDepthMm: 200 }, 'METRIC')).toBe('80 × 20 cm × 9 cm');
  });

  it('lets no label lie on another', () => {
    const labels = Array.from({ length: 7 }, (_, i) => ({ key: `${i}`, name: 'n', value: 'v', x: 0, y: 100 + (i % 3) }));
    const placed = spread(labels, 31, 40).map((l) => l.at);
    for (let i = 1; i < placed.length; i++) expect((placed[i] ?? 0) - (placed[i - 1] ?? 0)).toBeGreaterThanOrEqual(31);
    expect(placed[0]).toBe(100);
  });

  it('stands a ball that is too tall on the floor and says by how much it looks out', () => {
    const tall = { ...planned, ballAfter: outline('BALL', 215, 170, 260), levels: { rimGapMm: 20, baseLayerMm: -40, raiseMm: 0 } };
    const { container } = show(<Section section={stood(tall)} units="METRIC" />);
    expect(screen.getByRole('img')).toHaveAccessibleName(/The ball stands 40 mm too high/);
    expect(box(part(container, 'ball')).bottom).toBeCloseTo(box(part(container, 'wall')).bottom, 1);
  });

  it('shows a top dressing where it is: the top of the ball goes, its base stays on the floor', () => {
    const pot = outline('STANDARD', 600, 500, 560);
    const dressed = stood({
      ...planned, oldPot: pot, newPot: pot, ballBefore: outline('BALL', 594, 500, 525), ballAfter: outline('BALL', 585, 500, 475),
      levels: { rimGapMm: 35, baseLayerMm: 0, raiseMm: 0 },
    }, true);
    const own = { ...candidateOf(pot), id: 'current' };
    const { container } = show(<Section section={dressed} candidate={own} units="METRIC" />);
    const gone = box(part(container, 'cut')?.querySelectorAll('polygon')[1]);
    const left = box(part(container, 'ball'));
    expect(gone.bottom).toBeCloseTo(left.bottom, 1);
    expect(gone.top).toBeLessThan(left.top);
  });

  it('narrows to its mouth where a pot has one', () => {
    const urn = { ...outline('URN', 300, 240, 330), mouthMm: 200 };
    const f = { scale: 0.5, centre: 100, top: 35, floor: 200, bottom: 200 };
    const ps = wallPoints(urn, f);
    expect(ps).toHaveLength(8);
    expect(ps[0]?.x).toBe(50);
    expect(ps[7]?.x).toBe(150);
  });
});

describe('cuts on the section', () => {
  const cut = { ...planned, ballAfter: outline('BALL', 195, 155, 175), levels: { rimGapMm: 20, baseLayerMm: 45, raiseMm: 0 } };

  it('are moved by the arrow keys and stop at their ends', async () => {
    const change = vi.fn();
    show(<Section section={stood(cut)} rootShare={0.2} units="METRIC" cuts={{ sliceMm: 20, shaveMm: 0, mostSliceMm: 22, mostShaveMm: 40, change }} />);
    const slice = screen.getByRole('slider', { name: 'Base slice' });
    expect(slice).toHaveAttribute('aria-valuetext', '20 mm');
    slice.focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(change).toHaveBeenLastCalledWith(21, 0);
    await userEvent.keyboard('{PageUp}');
    expect(change).toHaveBeenLastCalledWith(22, 0);
    screen.getByRole('slider', { name: 'Side shave' }).focus();
    await userEvent.keyboard('{ArrowRight}');
    expect(change).toHaveBeenLastCalledWith(20, 0);
    await userEvent.keyboard('{ArrowLeft}');
    expect(change).toHaveBeenLastCalledWith(20, 1);
  });

  it('are drawn where the knife goes: hatched is what falls away', () => {
    const { container } = show(<Section section={stood(cut)} rootShare={0.2} units="METRIC" />);
    const gone = box(part(container, 'cut')?.querySelectorAll('polygon')[1]);
    const left = box(part(container, 'ball'));
    expect(gone.top).toBeCloseTo(left.top, 1);
    expect(gone.bottom).toBeGreaterThan(left.bottom);
    expect(gone.width).toBeGreaterThan(left.width);
  });
});
