import { useQuery } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';

export type Today = Schemas['TodayView'];

/** What waits for the teacher. */
export function useToday() {
  return useQuery<Today, Refused>({
    queryKey: ['today'],
    queryFn: () => ask(api.GET('/api/today')),
    staleTime: 0,
  });
}
