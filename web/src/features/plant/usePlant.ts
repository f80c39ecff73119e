import { useQuery } from '@tanstack/react-query';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';

export type PlantView = Schemas['PlantView'];

export function usePlant(id: string) {
  return useQuery(reads.plant(id));
}
