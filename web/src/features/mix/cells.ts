import type { Schemas } from '../../api/client';

export type Kind = 'INGREDIENT' | 'MIX';
export type Cells = Record<string, string>;

export const toCells = (list: Schemas['Cell'][]): Cells => Object.fromEntries(list.map((c) => [c.key ?? '', c.text ?? '']));
export const toList = (cells: Cells): Schemas['Cell'][] => Object.entries(cells).map(([key, text]) => ({ key, text }));

export interface Field {
  key: string;
  label: string;
  /** What the rules use it for. */
  use: string;
  unit?: string;
  as?: 'yes';
}

export const INGREDIENT_FIELDS: Field[] = [
  { key: 'label', label: 'Name', use: 'As it is said in recipes' },
  { key: 'saturated', label: 'Pores', unit: 'of 1', use: 'Share of its volume that water or air can fill' },
  { key: 'residual', label: 'Water it never gives', unit: 'of 1', use: 'Share of its volume, held at any suction' },
  { key: 'alphaPerCm', label: 'Air entry', unit: '1/cm', use: 'Low for fine stuff that holds its water high up, high for grains that drain at once' },
  { key: 'n', label: 'Steepness', unit: '', use: 'How suddenly it drains past its air entry; 1.4 to 1.6 for most' },
  { key: 'beyond', label: 'Water inside its pieces', unit: 'of 1', use: 'Roots draw it when the rest is gone; bark has some' },
  { key: 'dryGramsPerLitre', label: 'A litre, dry', unit: 'g', use: 'Mass of pots, loads and lifts' },
  { key: 'coarse', label: 'Gives structure', use: 'Grains, for drainage and to stand in for one another', as: 'yes' },
  { key: 'dust', label: 'Its dust harms lungs', use: 'Cautions, and a mask in the load', as: 'yes' },
  { key: 'dampFirst', label: 'Damped before mixing', use: 'It goes in first, wetted', as: 'yes' },
  { key: 'measured', label: 'You measured these numbers', use: 'Otherwise they are estimates', as: 'yes' },
  { key: 'remark', label: 'Remark', use: 'Read by whoever mixes' },
];

export const MIX_FIELDS: Field[] = [
  { key: 'label', label: 'Name', use: 'As it is said on sheets and cards' },
  { key: 'lifeMonths', label: 'Spent after', unit: 'months', use: 'Its age calls for fresh medium' },
  { key: 'charged', label: 'Charged with feed', use: 'No slow-release feed is added', as: 'yes' },
  { key: 'reservoir', label: 'Wicks from a reservoir', use: 'Only for pots that stand over water', as: 'yes' },
  { key: 'reason', label: 'Why it is made so', use: 'Read by whoever chooses it' },
];

export interface Part {
  code: string;
  parts: string;
}

/** "PEAT 2;COIR 1" as rows. */
export const readRecipe = (text: string): Part[] =>
  text
    .split(';')
    .map((p) => p.trim().split(' '))
    .filter((p) => p[0])
    .map(([code = '', parts = '']) => ({ code, parts }));

export const writeRecipe = (parts: Part[]): string => parts.map((p) => `${p.code} ${p.parts.trim().replace(',', '.')}`).join(';');

export const EMPTY: Record<Kind, Cells> = {
  INGREDIENT: { code: '', label: '', residual: '0.1', saturated: '0.8', alphaPerCm: '1', n: '1.5', beyond: '0', dryGramsPerLitre: '', coarse: 'no', dust: 'no', dampFirst: 'no', measured: 'no', remark: '' },
  MIX: { code: '', label: '', recipe: 'COIR 1;PERLITE 1', lifeMonths: '30', charged: 'no', reservoir: 'no', reason: '' },
};

/** A code made of a name: "Our fern mix" is our-fern-mix, an ingredient OUR_FERN_MIX. */
export function codeOf(kind: Kind, label: string): string {
  const latin = label
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .replace(/[^A-Za-z0-9 ]/g, '')
    .trim();
  // a name without a Latin letter still needs a code that keyboards agree on
  const plain = latin || (label.trim() ? `own ${[...label].reduce((sum, c) => (sum * 31 + (c.codePointAt(0) ?? 0)) % 1e6, 7)}` : '');
  return kind === 'MIX' ? plain.toLowerCase().replace(/ +/g, '-').slice(0, 39) : plain.toUpperCase().replace(/ +/g, '_').slice(0, 39);
}
