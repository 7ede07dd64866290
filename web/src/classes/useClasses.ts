import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';

export type SchoolClass = Schemas['SchoolClass'];

const path = (id: number) => ({ params: { path: { id } } });

export function useClasses() {
  return useQuery<SchoolClass[], Refused>({
    queryKey: ['classes'],
    queryFn: () => ask(api.GET('/api/classes')),
  });
}

function useClassChange<R, V>(change: (values: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation<R, Refused, V>({
    mutationFn: change,
    onSuccess: () => queries.invalidateQueries({ queryKey: ['classes'] }),
  });
}

/** Makes a class, or changes the one with that id. */
export const useKeepClass = () =>
  useClassChange(({ id, ...body }: { id?: number; name: string; pupils: string[] }) =>
    id === undefined
      ? ask(api.POST('/api/classes', { body }))
      : ask(api.PUT('/api/classes/{id}', { ...path(id), body })),
  );

export const useDeleteClass = () =>
  useClassChange((id: number) => ask(api.DELETE('/api/classes/{id}', path(id))));

export const useRestoreClass = () =>
  useClassChange((id: number) => ask(api.POST('/api/classes/{id}/restore', path(id))));
