import type { Schemas } from '../../api/client';
import { keptLength, keptMass, potMass, say, width, type Units } from '../../ui/format';
import { amount, readPrice } from './words';

export type PotRequest = Schemas['ShelfPotRequest'];

export const MEASURES = ['topMm', 'baseMm', 'topDepthMm', 'baseDepthMm', 'heightMm', 'mouthMm', 'footMm'] as const;
type MeasureKey = (typeof MEASURES)[number];

export type PotForm = Record<
  MeasureKey | 'name' | 'kind' | 'shape' | 'material' | 'massG' | 'drainHoles' | 'feet' | 'wireHoles' | 'inStock' | 'lowAt' | 'price' | 'note' | 'place',
  string
>;

export const EMPTY: PotForm = {
  name: '', kind: 'GROW', shape: 'STANDARD', material: 'PLASTIC', topMm: '', baseMm: '', topDepthMm: '', baseDepthMm: '', heightMm: '',
  mouthMm: '', footMm: '', massG: '', drainHoles: '4', feet: '0', wireHoles: '0', inStock: '1', lowAt: '1', price: '', note: '', place: '',
};

export function formOf(pot: Schemas['ShelfPot'], units: Units): PotForm {
  const tape = (mm: number | null) => (mm === null ? '' : say(width(mm, units)));
  return {
    ...EMPTY,
    ...Object.fromEntries(MEASURES.map((m) => [m, tape(pot[m])])),
    name: pot.name,
    kind: pot.kind,
    shape: pot.shape,
    material: pot.material,
    massG: say(potMass(pot.massG, units)),
    drainHoles: String(pot.drainHoles),
    feet: String(pot.feet),
    wireHoles: String(pot.wireHoles),
    inStock: String(pot.inStock),
    lowAt: String(pot.lowAt),
    price: pot.priceCents === null ? '' : amount(pot.priceCents),
    note: pot.note,
    place: pot.place,
  };
}

/** What is sent, or what to mend at each field; nothing typed is lost. */
export function readForm(form: PotForm, units: Units, stored: Schemas['ShelfPot'] | null = null): { request: PotRequest; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {};
  const mm = (key: MeasureKey, when = true): number | null => {
    if (!when || form[key].trim() === '') return null;
    const value = keptLength(form[key], units, stored?.[key]);
    if (value === null) wrong[key] = 'Write a length like 15 cm, 150 mm or 6 in.';
    return value;
  };
  const whole = (key: 'drainHoles' | 'feet' | 'wireHoles' | 'inStock' | 'lowAt'): number => {
    if (!/^\s*\d{1,6}\s*$/.test(form[key])) wrong[key] = 'Write a whole number, 0 or more.';
    return Number(form[key]) || 0;
  };
  const top = mm('topMm');
  if (top === null && !wrong.topMm) wrong.topMm = 'Give the inside width at the top.';
  if (form.name.trim() === '') wrong.name = 'Give it a name.';
  const grams = form.massG.trim() === '' ? null : keptMass(form.massG, units, stored?.massG);
  if (form.massG.trim() !== '' && !grams) wrong.massG = 'Write a mass like 850 g, 1.2 kg or 2 lb, or leave it empty.';
  const cents = readPrice(form.price);
  if (cents === null) wrong.priceCents = 'Write a price like 4.90, or leave it empty.';
  return {
    wrong,
    request: {
      name: form.name,
      kind: form.kind as PotRequest['kind'],
      shape: form.shape as PotRequest['shape'],
      material: form.material as PotRequest['material'],
      topMm: top ?? 0,
      baseMm: mm('baseMm'),
      topDepthMm: mm('topDepthMm', form.shape === 'TROUGH'),
      baseDepthMm: mm('baseDepthMm', form.shape === 'TROUGH'),
      heightMm: mm('heightMm'),
      mouthMm: mm('mouthMm', form.shape === 'URN'),
      footMm: mm('footMm'),
      massG: grams,
      drainHoles: whole('drainHoles'),
      feet: whole('feet'),
      wireHoles: whole('wireHoles'),
      inStock: whole('inStock'),
      lowAt: whole('lowAt'),
      priceCents: cents ?? null,
      note: form.note,
      place: form.place,
    },
  };
}
