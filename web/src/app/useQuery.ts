import {
  type DefaultError,
  type QueryKey,
  useQuery as useFetched,
  type UseQueryOptions,
  type UseQueryResult,
} from '@tanstack/react-query';

/**
 * Asks the server, as every screen does. What was fetched once stays, whatever asking again meets: a screen sees an error only
 * where it has nothing to show. The trouble is told beside it, by {@link StillShown}.
 */
export function useQuery<T, E = DefaultError, D = T, K extends QueryKey = QueryKey>(
  options: UseQueryOptions<T, E, D, K>,
): UseQueryResult<D, E> {
  const result = useFetched<T, E, D, K>(options);
  return result.isRefetchError
    ? ({
        ...result,
        status: 'success',
        error: null,
        isError: false,
        isRefetchError: false,
        isSuccess: true,
      } as unknown as UseQueryResult<D, E>)
    : result;
}
