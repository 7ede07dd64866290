import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { workedQuery } from '../paper/usePaper';
import { paperQuery, plain } from '../write/useAttempts';
import type { Item } from './useLesson';
import { rightOf } from './useMistake';

const mostAhead = 12;

/** Fetches what comes next before it is asked for, so that a network that is gone for a while is not noticed. */
export function useReadyAhead(items: Item[]) {
  const queries = useQueryClient();
  const wanted = JSON.stringify(items.slice(0, mostAhead));
  useEffect(() => {
    const fetchAll = async () => {
      for (const { work, part } of JSON.parse(wanted) as Item[]) {
        if (work && part?.kind === 'write') {
          await queries.prefetchQuery(paperQuery(work, plain));
        } else if (work) {
          await queries.prefetchQuery(workedQuery(work));
          await queries.prefetchQuery(workedQuery(rightOf(work)));
        }
      }
    };
    void fetchAll();
  }, [queries, wanted]);
}
