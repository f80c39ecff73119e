import { useQuery } from '@tanstack/react-query';
import { api, body, type Schemas } from '../../api/client';

export type PlantView = Schemas['PlantView'];

export function usePlant(id: string) {
  return useQuery({
    queryKey: ['plant', id],
    queryFn: () => body(api.GET('/api/plants/{id}', { params: { path: { id } } })),
  });
}
