/** What has been tapped so far: plain functions, so that they can be tested without a screen. */
import type { Schemas } from '../../api/client';

export type SignItem = Schemas['SignItem'];
export type Sign = Schemas['Sign'];
export type Tapped = Record<string, Sign>;

export function fromStored(signs: Sign[]): Tapped {
  return Object.fromEntries(signs.flatMap((s) => (s.code ? [[s.code, s]] : [])));
}

export const toList = (tapped: Tapped): Sign[] => Object.values(tapped);

/** Present, then back to not looked at when tapped again. */
export function tapPresent(tapped: Tapped, item: SignItem, grade: string | null = null): Tapped {
  const before = tapped[item.code];
  const same = before?.state === 'PRESENT' && (before.grade ?? null) === grade;
  if (same) return without(tapped, item.code);
  return {
    ...tapped,
    [item.code]: {
      code: item.code,
      state: 'PRESENT',
      grade,
      value: takesValue(item) ? (before?.value ?? firstValue(item)) : null,
    },
  };
}

export function tapAbsent(tapped: Tapped, item: SignItem): Tapped {
  if (tapped[item.code]?.state === 'ABSENT') return without(tapped, item.code);
  return { ...tapped, [item.code]: { code: item.code, state: 'ABSENT', grade: null, value: null } };
}

/** As it was measured, to the digit. */
export function measured(tapped: Tapped, item: SignItem, value: number): Tapped {
  return { ...tapped, [item.code]: { code: item.code, state: 'PRESENT', grade: null, value } };
}

export function stepValue(tapped: Tapped, item: SignItem, by: number): Tapped {
  const before = tapped[item.code];
  if (before?.state !== 'PRESENT') return tapped;
  const steps = stepsOf(item);
  const at = nearest(steps, before.value ?? firstValue(item));
  const next = steps[Math.max(0, Math.min(steps.length - 1, at + by))];
  return { ...tapped, [item.code]: { ...before, value: next ?? before.value } };
}

const without = (tapped: Tapped, code: string): Tapped =>
  Object.fromEntries(Object.entries(tapped).filter(([c]) => c !== code));

export const takesValue = (item: SignItem): boolean => !['NONE', 'GRADE', 'HEFT'].includes(item.measure);

export function gradesOf(item: SignItem): { code: string; label: string }[] {
  if (item.measure === 'GRADE') {
    return [
      { code: 'SLIGHT', label: 'Slight' },
      { code: 'CLEAR', label: 'Clear' },
      { code: 'SEVERE', label: 'Severe' },
    ];
  }
  return item.measure === 'HEFT'
    ? [
        { code: 'LIGHT', label: 'Light' },
        { code: 'HEAVY', label: 'Heavy' },
      ]
    : [];
}

/** Big steps rather than typing. */
const STEPS: Record<string, number[]> = {
  SECONDS: [15, 30, 45, 60, 75, 90, 120, 180, 300, 600],
  SHARE: [0, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9],
  DAYS: [1, 2, 3, 4, 5, 7, 10, 14, 21, 28],
  COUNT: [1, 2, 3, 5, 8, 12, 20, 30],
  DEGREES: [2, 5, 10, 15, 20, 30, 45],
  WEEKS: [1, 2, 3, 4, 6, 8, 12],
};

const FIRST: Record<string, number> = { SECONDS: 90, SHARE: 0.1, DAYS: 3, COUNT: 5, DEGREES: 10, WEEKS: 3 };

/** As it was seen, in a few words: "clear", "90 s", "looked for, not there". */
export function seenWords(item: SignItem | undefined, seen: { state: string; grade: string | null; value: number | null }): string {
  if (seen.state === 'ABSENT') return 'not there';
  if (seen.grade) return seen.grade.toLowerCase();
  return seen.value !== null && item ? valueWords(item, seen.value) : 'there';
}

export const stepsOf = (item: SignItem): number[] => STEPS[item.measure] ?? [1];

const firstValue = (item: SignItem): number => FIRST[item.measure] ?? 1;

export function setStep(tapped: Tapped, item: SignItem, index: number): Tapped {
  const before = tapped[item.code];
  const next = stepsOf(item)[index];
  return before?.state === 'PRESENT' && next !== undefined ? { ...tapped, [item.code]: { ...before, value: next } } : tapped;
}

/** Which of the big steps a value stands at. */
export const stepIndex = (item: SignItem, value: number): number => nearest(stepsOf(item), value);

function nearest(steps: number[], value: number): number {
  let best = 0;
  steps.forEach((s, i) => {
    if (Math.abs(s - value) < Math.abs((steps[best] ?? 0) - value)) best = i;
  });
  return best;
}

export function valueWords(item: SignItem, value: number): string {
  if (item.measure === 'SHARE') return `${Math.round(value * 100)} %`;
  const unit = { SECONDS: 's', DAYS: 'days', DEGREES: '°', WEEKS: 'weeks', COUNT: '' }[item.measure] ?? '';
  return `${value} ${unit}`.trim();
}
