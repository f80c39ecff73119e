import type { Schemas } from '../api/client';

export interface Line {
  finding: string;
  sign: string;
  weight: number;
}

const MOST = 4;
const STANDS = new Set(['MODERATE', 'STRONG', 'DECISIVE']);

/**
 * The few lines that weighed most, heaviest first: of the findings that stand, else of the one that comes nearest
 * to standing. A line against is among them when it is as heavy as those for.
 */
export function carrying(findings: Schemas['Finding'][]): Line[] {
  const real = findings.filter((f) => f.code !== 'JUST_NORMAL' || f.evidence.length > 0);
  const standing = real.filter((f) => STANDS.has(f.strength));
  const nearest = [...real].sort((a, b) => b.decibans - a.decibans).slice(0, 1);
  return (standing.length > 0 ? standing : nearest)
    .flatMap((f) => f.evidence.map((e) => ({ finding: f.code, sign: e.sign, weight: e.weight })))
    .filter((l) => Math.abs(l.weight) >= 1)
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight))
    .slice(0, MOST);
}

export function signed(n: number): string {
  const rounded = Math.round(n * 10) / 10;
  return rounded > 0 ? `+${rounded}` : `${rounded}`.replace('-', '−');
}

/** How much a line weighs, as a person says it. */
export function weightWords(n: number): string {
  const much = Math.abs(n);
  if (much < 1) return 'tells nothing';
  const strength = much >= 18 ? 'decisive' : much >= 8 ? 'strong' : much >= 4 ? 'clear' : 'weak';
  return `${strength} ${n > 0 ? 'for' : 'against'}`;
}

/** Discounted, yet with a line of its own: it counts for less rather than for nothing. */
export const countsForLess = (finding: Schemas['Finding'], sign: string): boolean =>
  finding.evidence.some((e) => e.sign === sign);
