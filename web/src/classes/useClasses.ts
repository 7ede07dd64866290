import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { untilDone, type UnderWay } from '../app/underWay';
import { useQuery } from '../app/useQuery';

export type SchoolClass = Schemas['SchoolClass'];
export type Listed = Schemas['ListedPupil'];

/** A line of which the server cannot tell whose it is. */
export type WhoIsMeant = { line: number; name: string; candidates: { id: number; name: string }[] };

const path = (id: number) => ({ params: { path: { id } } });

export function useClasses() {
  return useQuery<SchoolClass[], Refused>({
    queryKey: keys.classes.all,
    queryFn: () => ask(api.GET('/api/classes')),
  });
}

function useClassChange<R, V>(change: (values: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation<R, Refused, V>({
    mutationFn: change,
    onSuccess: () =>
      Promise.all(
        [keys.classes.all, keys.records.all, keys.plan.everywhere, keys.today].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      ),
  });
}

/** Makes a class of names. */
export const useMakeClass = () =>
  useClassChange((body: { name: string; pupils: string[] }) => ask(api.POST('/api/classes', { body })));

/** Changes a class's list: whose each line is goes with it. */
export const useKeepClass = (id: number) =>
  useClassChange((body: Schemas['ChangedClass']) => ask(api.PUT('/api/classes/{id}', { ...path(id), body })));

/** Who was taken out of a class. */
export function useFormer(id: number) {
  return useQuery<Schemas['FormerPupil'][], Refused>({
    queryKey: keys.classes.former(id),
    queryFn: () => ask(api.GET('/api/classes/{id}/former', path(id))),
    staleTime: 0,
  });
}

/** Brings somebody back into the class they were taken out of. */
export const useBringBack = () =>
  useClassChange((id: number) => ask(api.POST('/api/pupils/{id}/back', path(id))));

export const useDeleteClass = () =>
  useClassChange((id: number) => ask(api.DELETE('/api/classes/{id}', path(id))));

export const useRestoreClass = () =>
  useClassChange((id: number) => ask(api.POST('/api/classes/{id}/restore', path(id))));

/** Makes a class from a file that another Bemble wrote. */
export function useTakeClassOver() {
  const [job, setJob] = useState<UnderWay>();
  const takeOver = useClassChange(async (file: File) =>
    untilDone<SchoolClass>(
      await ask(
        api.POST('/api/classes/file', {
          body: file as unknown as Schemas['ClassFile'],
          bodySerializer: (body) => body as unknown as Blob,
          headers: { 'Content-Type': 'application/json' },
        }),
      ),
      setJob,
    ),
  );
  return { ...takeOver, job };
}

export const useTakeListIn = (id: number) =>
  useClassChange((file: File) =>
    ask(
      api.POST('/api/classes/{id}/list', {
        ...path(id),
        body: file as unknown as string,
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
    queryKey: keys.classes.whatGoes(id),
    queryFn: () => ask(api.GET('/api/pupils/{id}', path(id ?? 0))),
    enabled: id !== undefined,
    staleTime: 0,
  });
}
