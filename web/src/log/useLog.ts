import { keepPreviousData, useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { untilDone, type UnderWay } from '../app/underWay';
import { useQuery } from '../app/useQuery';

export type Entry = Schemas['EntryView'];

/** @param pupils only what pupils wrote at screens, or none of it */
export function useLog(search: string, pupils: boolean | undefined, most: number) {
  return useQuery<Schemas['LogPage'], Refused>({
    queryKey: keys.log.list(search, pupils, most),
    queryFn: () => ask(api.GET('/api/log', { params: { query: { search, pupils, most } } })),
    placeholderData: keepPreviousData,
  });
}

export function useEntry(id: number | undefined) {
  return useQuery<Entry, Refused>({
    queryKey: keys.log.entry(id),
    queryFn: () => ask(api.GET('/api/log/{id}', { params: { path: { id: id ?? 0 } } })),
    enabled: id !== undefined,
  });
}

function useLogChange<R, V>(change: (values: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation<R, Refused, V>({
    mutationFn: change,
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.log.all }),
  });
}

/** Writes a finished problem into the log, or its new working over the entry it has. */
export const useRecord = () =>
  useLogChange((body: Schemas['Finished']) => ask(api.POST('/api/log', { body })));

export const useRemark = () =>
  useLogChange(({ id, ...body }: Schemas['Remarks'] & { id: number }) =>
    ask(api.PATCH('/api/log/{id}', { params: { path: { id } }, body })),
  );

export const useDelete = () =>
  useLogChange((id: number) => ask(api.DELETE('/api/log/{id}', { params: { path: { id } } })));

/** Deletes what the list shows and is not kept. */
export const useTidy = () =>
  useLogChange((body: Schemas['TidyWish']) => ask(api.POST('/api/log/tidy', { body })));

/** Brings entries back: some, or all that were deleted at one time. */
export const useRestore = () =>
  useLogChange((body: Schemas['BroughtBack']) => ask(api.POST('/api/log/restore', { body })));

/** What was deleted and can be brought back, the latest first. */
export function useDeleted(most: number) {
  return useQuery<Schemas['LogPage'], Refused>({
    queryKey: keys.log.deleted(most),
    queryFn: () => ask(api.GET('/api/log/deleted', { params: { query: { most } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
}

export function useImport() {
  const [job, setJob] = useState<UnderWay>();
  const takeIn = useLogChange(async (file: File) =>
    untilDone<Schemas['Imported']>(
      await ask(
        api.POST('/api/log/import', {
          body: file as never,
          bodySerializer: (body) => body as never,
          headers: { 'Content-Type': 'application/json' },
        }),
      ),
      setJob,
    ),
  );
  return { ...takeIn, job };
}

/** Reads the log again. */
export function useFreshLog() {
  const queries = useQueryClient();
  return () => void queries.invalidateQueries({ queryKey: keys.log.all });
}
