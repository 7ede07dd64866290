import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Today = Schemas['TodayView'];

/** How long to wait before it is asked again how many papers are still judged, in milliseconds. */
const whileJudged = 4000;

/** What waits for the teacher. */
export function useToday() {
  return useQuery<Today, Refused>({
    queryKey: keys.today,
    queryFn: () => ask(api.GET('/api/today')),
    staleTime: 0,
    refetchInterval: (query) => ((query.state.data?.toBeJudged ?? 0) > 0 ? whileJudged : false),
  });
}
