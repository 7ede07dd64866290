import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { usePages } from '../app/usePages';
import { standing, written, type Figure } from '../write/figures';
import type { Paper } from '../write/useAttempts';

export type Session = Schemas['SessionView'];
export type OwnSet = Schemas['OwnSet'];

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

/** A session, kept up to date by what the server sends. */
export function useSession(id: number) {
  const queries = useQueryClient();
  const session = useQuery<Session, Refused>({
    queryKey: keys.screens.one(id),
    queryFn: () => ask(api.GET('/api/screens/{id}', path(id))),
    staleTime: 0,
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
  return { end, giveBack, anyDevice };
}

const lookAgainAfter = 4000;

/** What the pupil at this device sees; nothing while nobody has come in. */
export function useIn() {
  return useQuery<Schemas['InView'], Refused>({
    queryKey: keys.in.all,
    queryFn: () => ask(api.GET('/api/in')),
    staleTime: 0,
    // A set that is ended is ended for each pupil at once.
    refetchInterval: (query) =>
      query.state.data?.own && !query.state.data.own.ended ? lookAgainAfter : false,
  });
}

/** The squares of an own paper. */
export function useOwnPaper(id: number) {
  return useQuery<Paper, Refused>({
    queryKey: keys.in.squares(id),
    queryFn: () => ask(api.GET('/api/in/papers/{id}/squares', path(id))),
    staleTime: Infinity,
  });
}

/** The square that comes next on an own paper, where pupils are led. */
export function useOwnNext(attempt: Schemas['AttemptView'], figures: Figure[]) {
  const body = { written: written(standing(figures)) };
  return useQuery<Schemas['NudgeView'], Refused>({
    queryKey: keys.in.next(attempt.id, body),
    queryFn: () => ask(api.POST('/api/in/papers/{id}/next', { ...path(attempt.id), body })),
    enabled: attempt.settings.led,
    staleTime: Infinity,
    gcTime: 10_000,
  }).data;
}

export const useDoor = () =>
  useMutation<Schemas['DoorView'], Refused, string>({
    mutationFn: (code) => ask(api.POST('/api/in/door', { body: { code } })),
  });

function useInChange<V>(change: (values: V) => Promise<Schemas['InView']>) {
  const queries = useQueryClient();
  return useMutation<Schemas['InView'], Refused, V>({
    mutationFn: change,
    onSuccess: (view) => queries.setQueryData(keys.in.all, view),
  });
}

export const useComeIn = () => useInChange((body: Schemas['Came']) => ask(api.POST('/api/in', { body })));

export const useLeave = () => useInChange(() => ask(api.POST('/api/in/leave')));

export const useHandIn = () => useInChange(async () => ({ own: await ask(api.POST('/api/in/hand-in')) }));
