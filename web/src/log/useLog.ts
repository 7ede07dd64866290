import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';

export type Entry = Schemas['EntryView'];

/** @param pupils only what pupils wrote at screens, or none of it */
export function useLog(search: string, pupils: boolean | undefined, most: number) {
  return useQuery<Schemas['LogPage'], Refused>({
    queryKey: ['log', 'list', search, pupils, most],
    queryFn: () => ask(api.GET('/api/log', { params: { query: { search, pupils, most } } })),
    placeholderData: keepPreviousData,
  });
}

export function useEntry(id: number | undefined) {
  return useQuery<Entry, Refused>({
    queryKey: ['log', 'entry', id],
    queryFn: () => ask(api.GET('/api/log/{id}', { params: { path: { id: id ?? 0 } } })),
    enabled: id !== undefined,
  });
}

function useLogChange<R, V>(change: (values: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation<R, Refused, V>({
    mutationFn: change,
    onSuccess: () => queries.invalidateQueries({ queryKey: ['log'] }),
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

export const useTidy = () => useLogChange(() => ask(api.POST('/api/log/tidy')));

export const useRestore = () =>
  useLogChange((ids: number[]) => ask(api.POST('/api/log/restore', { body: { ids } })));

export const useImport = () =>
  useLogChange(async (file: File) => {
    const text = await file.text();
    return ask(api.POST('/api/log/import', { body: text, bodySerializer: (body) => body }));
  });

/** Reads the log again. */
export function useFreshLog() {
  const queries = useQueryClient();
  return () => void queries.invalidateQueries({ queryKey: ['log'] });
}
