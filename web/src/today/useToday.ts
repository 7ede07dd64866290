import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Today = Schemas['TodayView'];

/** What waits for the teacher. */
export function useToday() {
  return useQuery<Today, Refused>({
    queryKey: keys.today,
    queryFn: () => ask(api.GET('/api/today')),
    staleTime: 0,
  });
}
