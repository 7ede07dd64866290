import { useQuery } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';

export type Today = Schemas['TodayView'];

/** What waits for the teacher. */
export function useToday() {
  return useQuery<Today, Refused>({
    queryKey: keys.today,
    queryFn: () => ask(api.GET('/api/today')),
    staleTime: 0,
  });
}
