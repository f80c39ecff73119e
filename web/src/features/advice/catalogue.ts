import { useQuery } from '@tanstack/react-query';
import { api, body, type Schemas } from '../../api/client';
import { plain } from '../../ui/words';

export type SignItem = Schemas['SignItem'];

export function useCatalogue() {
  const { data } = useQuery({
    queryKey: ['catalogue'],
    queryFn: () => body(api.GET('/api/catalogue')),
    staleTime: 3_600_000,
  });
  return data;
}

export function useSignLabel(): (code: string) => string {
  const catalogue = useCatalogue();
  return (code) => catalogue?.signs.find((s) => s.code === code)?.label ?? plain(code);
}
