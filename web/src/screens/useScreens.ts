import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { usePages } from '../app/usePages';
import { useQuery } from '../app/useQuery';

export type Session = Schemas['SessionView'];

const path = (id: number) => ({ params: { path: { id } } });

/** What was opened for a class, the latest first. */
export const useSessions = (classId: number) =>
  usePages<Schemas['SessionLine']>(keys.screens.ofClass(classId), (offset) =>
    api.GET('/api/screens', { params: { query: { classId, offset } } }),
  );

/** Where pupils' devices find Bemble, if they do. */
export function usePupilsAddress() {
  return useQuery<Schemas['PupilsAddress'], Refused>({
    queryKey: keys.screens.address,
    queryFn: () => ask(api.GET('/api/screens/address')),
  });
}

/** Opens a set for a class, or for some of its pupils. */
export function useOpenAtScreens() {
  const queries = useQueryClient();
  return useMutation<Session, Refused, Schemas['OpenedSet']>({
    mutationFn: (body) => ask(api.POST('/api/screens', { body })),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: keys.screens.all }),
        queries.invalidateQueries({ queryKey: keys.markings.all }),
      ]),
  });
}

const lookAroundAfter = 10_000;

/** A session, kept up to date by what the server sends. */
export function useSession(id: number) {
  const queries = useQueryClient();
  const session = useQuery<Session, Refused>({
    queryKey: keys.screens.one(id),
    queryFn: () => ask(api.GET('/api/screens/{id}', path(id))),
    staleTime: 0,
    // A device that has fallen silent tells nobody so.
    refetchInterval: (query) => (query.state.data?.ended === false ? lookAroundAfter : false),
  });
  const open = session.data !== undefined && !session.data.ended;
  useEffect(() => {
    if (!open) {
      return;
    }
    const live = new EventSource(`/api/screens/${id}/live`);
    live.onmessage = (event) =>
      queries.setQueryData(keys.screens.one(id), JSON.parse(event.data as string) as Session);
    return () => live.close();
  }, [id, open, queries]);
  return session;
}

export function useSessionChange(id: number) {
  const queries = useQueryClient();
  const onSuccess = (session: Session) => queries.setQueryData(keys.screens.one(id), session);
  const end = useMutation<Session, Refused>({
    mutationFn: () => ask(api.POST('/api/screens/{id}/end', path(id))),
    onSuccess,
  });
  const giveBack = useMutation<Session, Refused, number>({
    mutationFn: (pupil) =>
      ask(api.POST('/api/screens/{id}/pupils/{pupil}/back', { params: { path: { id, pupil } } })),
    onSuccess,
  });
  const anyDevice = useMutation<Session, Refused, number>({
    mutationFn: (pupil) =>
      ask(api.POST('/api/screens/{id}/pupils/{pupil}/device', { params: { path: { id, pupil } } })),
    onSuccess,
  });
  const reopen = useMutation<Session, Refused>({
    mutationFn: () => ask(api.POST('/api/screens/{id}/reopen', path(id))),
    onSuccess,
  });
  return { end, giveBack, anyDevice, reopen };
}
