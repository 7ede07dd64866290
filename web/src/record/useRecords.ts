import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type ClassRecord = Schemas['ClassRecord'];
export type PupilRecord = Schemas['PupilRecord'];

const path = (id: number) => ({ params: { path: { id } } });

export function useClassRecord(id: number) {
  return useQuery<ClassRecord, Refused>({
    queryKey: keys.records.ofClass(id),
    queryFn: () => ask(api.GET('/api/classes/{id}/record', path(id))),
    staleTime: 0,
  });
}

export function usePupilRecord(id: number) {
  return useQuery<PupilRecord, Refused>({
    queryKey: keys.records.pupil(id),
    queryFn: () => ask(api.GET('/api/pupils/{id}/record', path(id))),
    staleTime: 0,
  });
}

/** What the teacher says of a pupil on a rung; nothing takes it back. */
export function useRuling(id: number) {
  const queries = useQueryClient();
  return useMutation<PupilRecord, Refused, { rung: string; ruling?: Schemas['RulingContent'] }>({
    mutationFn: ({ rung, ruling }) =>
      ruling
        ? ask(api.PUT('/api/pupils/{id}/rungs/{rung}', { params: { path: { id, rung } }, body: ruling }))
        : ask(api.DELETE('/api/pupils/{id}/rungs/{rung}', { params: { path: { id, rung } } })),
    onSuccess: (record) => {
      queries.setQueryData(keys.records.pupil(id), record);
      void queries.invalidateQueries({ queryKey: keys.records.classes });
    },
  });
}
