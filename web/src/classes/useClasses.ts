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
    onSuccess: () =>
      Promise.all(
        ['classes', 'record', 'plan', 'today'].map((name) => queries.invalidateQueries({ queryKey: [name] })),
      ),
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

/** Makes a class from a file that another Bemble wrote. */
export const useTakeClassOver = () =>
  useClassChange(async (file: File) =>
    ask(
      api.POST('/api/classes/file', {
        body: (await file.text()) as unknown as Schemas['ClassFile'],
        bodySerializer: (body) => body as unknown as string,
      }),
    ),
  );

export const useTakeListIn = (id: number) =>
  useClassChange(async (file: File) =>
    ask(
      api.POST('/api/classes/{id}/list', {
        ...path(id),
        body: await file.text(),
        bodySerializer: (body) => body,
        headers: { 'Content-Type': 'text/csv' },
      }),
    ),
  );

export const useMovePupils = (id: number) =>
  useClassChange((body: Schemas['MovedPupils']) =>
    ask(api.POST('/api/classes/{id}/move', { ...path(id), body })),
  );

export const useDeletePupil = () =>
  useClassChange((id: number) => ask(api.DELETE('/api/pupils/{id}', path(id))));

/** What would go with a pupil, told before anything is deleted. */
export function useWhatGoes(id: number | undefined) {
  return useQuery<Schemas['WhatGoesView'], Refused>({
    queryKey: ['what goes', id],
    queryFn: () => ask(api.GET('/api/pupils/{id}', path(id ?? 0))),
    enabled: id !== undefined,
    staleTime: 0,
  });
}
