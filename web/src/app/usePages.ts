import { keepPreviousData, useInfiniteQuery, type QueryKey } from '@tanstack/react-query';
import { ask, type Refused } from '../api/client';

type Page<T> = { lines: T[]; total: number };

/** A long list, read a page at a time; how much there is in all stands in a header of the answer. */
export function usePages<T>(
  queryKey: QueryKey,
  fetchFrom: (offset: number) => Promise<{ data?: T[]; error?: unknown; response: Response }>,
) {
  const pages = useInfiniteQuery<Page<T>, Refused, { pages: Page<T>[] }, QueryKey, number>({
    queryKey,
    queryFn: async ({ pageParam }) => {
      const answer = fetchFrom(pageParam);
      const lines = await ask(answer);
      return { lines, total: Number((await answer).response.headers.get('X-Total-Count') ?? lines.length) };
    },
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const shown = all.reduce((sum, page) => sum + page.lines.length, 0);
      return last.lines.length > 0 && shown < last.total ? shown : undefined;
    },
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  return {
    lines: pages.data?.pages.flatMap((page) => page.lines),
    total: pages.data?.pages.at(-1)?.total ?? 0,
    error: pages.error,
    more: pages.hasNextPage ? () => void pages.fetchNextPage() : undefined,
  };
}
