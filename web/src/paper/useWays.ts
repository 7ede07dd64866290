import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

/** The methods and checks of an operation. */
export function useWays(operation: Schemas['Operation'] | undefined): Schemas['Ways'] | undefined {
  const ways = useQuery<Schemas['Ways'][], Refused>({
    queryKey: keys.work.ways,
    queryFn: () => ask(api.GET('/api/ways')),
    staleTime: Infinity,
  });
  return ways.data?.find((each) => each.operation === operation);
}
