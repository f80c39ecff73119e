import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../../test-render';
import { PotGlyph, type SaucerState } from '../PotGlyph';
import { Section } from '../Section';
import { corners, widthAt } from '../potShape';

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

describe('the cross-section', () => {
  it('carries its numbers in words for people who cannot see it', () => {
    show(
      <Section
        section={{
          oldPot: { shape: 'STANDARD', topMm: 230, baseMm: 175, heightMm: 220 },
          ballBefore: { shape: 'BALL', topMm: 215, baseMm: 170, heightMm: 195 },
          ballAfter: { shape: 'BALL', topMm: 215, baseMm: 170, heightMm: 195 },
          newPot: { shape: 'STANDARD', ...pot },
          wetZoneMm: 30, coarseLayerMm: 0,
        }}
        levels={{ rimGapMm: 20, baseLayerMm: 25, raiseMm: 0 }}
        rootShare={0}
        freshLitres={3.3}
        units="METRIC"
      />,
    );
    const name = screen.getByRole('img').getAttribute('aria-label') ?? '';
    expect(name).toContain('New pot 26 cm wide and 24 cm deep');
    expect(name).toContain('base layer 25 mm, rim gap 20 mm, 3.3 L of fresh medium');
  });

  it('shows a coarse layer under the wet zone and a raised base', () => {
    const outline = { shape: 'BALL', topMm: 150, baseMm: 120, heightMm: 100 };
    const { container } = show(
      <Section
        section={{
          oldPot: { shape: 'STANDARD', topMm: 160, baseMm: 122, heightMm: 147 },
          ballBefore: outline, ballAfter: outline,
          newPot: { shape: 'SHALLOW', ...pot, heightMm: 150 },
          wetZoneMm: 60, coarseLayerMm: 30,
        }}
        levels={{ rimGapMm: 15, baseLayerMm: 60, raiseMm: 25 }}
        rootShare={0}
        freshLitres={1.2}
        units="METRIC"
      />,
    );
    expect(screen.getByRole('img')).toHaveAccessibleName(/30 mm of coarse material on the floor, raised by 25 mm/);
    expect(container.querySelectorAll('polygon[class*="coarse"]')).toHaveLength(1);
  });

  it('says so when no pot will do', () => {
    const outline = { shape: 'BALL', topMm: 215, baseMm: 170, heightMm: 195 };
    show(
      <Section
        section={{ oldPot: outline, ballBefore: outline, ballAfter: outline, newPot: null, wetZoneMm: 0, coarseLayerMm: 0 }}
        levels={null}
        rootShare={0.3}
        freshLitres={null}
        units="IMPERIAL"
      />,
    );
    expect(screen.getByRole('img')).toHaveAccessibleName(/30 % of the roots comes off\. No pot will do yet\./);
  });
});
