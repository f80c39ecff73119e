import { useQuery } from '@tanstack/react-query';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';

export type ShelfItem = Schemas['ShelfItem'];

export function useShelf() {
  return useQuery(reads.shelf());
}

export interface Narrowing {
  text: string;
  kind: string;
  onlyFew: boolean;
}

/** What is shown of the shelf: by any of its words, by kind, or only what runs out. */
export function narrowed(items: ShelfItem[], { text, kind, onlyFew }: Narrowing): ShelfItem[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return items.filter((i) => {
    const all = `${i.pot.name} ${i.pot.shape} ${i.pot.material} ${i.pot.note}`.toLowerCase();
    return words.every((w) => all.includes(w)) && (kind === '' || i.pot.kind === kind) && (!onlyFew || i.few);
  });
}
