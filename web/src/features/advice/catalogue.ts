import { useQuery } from '@tanstack/react-query';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { plain } from '../../ui/words';

export type SignItem = Schemas['SignItem'];

export function useCatalogue() {
  const { data } = useQuery(reads.catalogue());
  return data;
}

export function useSignLabel(): (code: string) => string {
  const catalogue = useCatalogue();
  return (code) => catalogue?.signs.find((s) => s.code === code)?.label ?? plain(code);
}
