import { notifyManager, type Query, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';

/** What is seen in all that was asked for, seen anew whenever any of it changes; a plain value. */
export function useInCache<T extends string | boolean | undefined>(see: (all: Query[]) => T): T {
  const cache = useQueryClient().getQueryCache();
  return useSyncExternalStore(
    useCallback((tell) => cache.subscribe(notifyManager.batchCalls(tell)), [cache]),
    () => see(cache.getAll()),
  );
}
