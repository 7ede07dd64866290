import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';

export type Session = Schemas['SessionView'];
export type OwnSet = Schemas['OwnSet'];

const path = (id: number) => ({ params: { path: { id } } });

export function useSessions() {
  return useQuery<Schemas['SessionLine'][], Refused>({
    queryKey: ['screens'],
    queryFn: () => ask(api.GET('/api/screens')),
    staleTime: 0,
  });
}

/** Where pupils' devices find Bemble, if they do. */
export function usePupilsAddress() {
  return useQuery<Schemas['PupilsAddress'], Refused>({
    queryKey: ['screens', 'address'],
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
        queries.invalidateQueries({ queryKey: ['screens'] }),
        queries.invalidateQueries({ queryKey: ['markings'] }),
      ]),
  });
}

/** A session, kept up to date by what the server sends. */
export function useSession(id: number) {
  const queries = useQueryClient();
  const session = useQuery<Session, Refused>({
    queryKey: ['screens', id],
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
      queries.setQueryData(['screens', id], JSON.parse(event.data as string) as Session);
    return () => live.close();
  }, [id, open, queries]);
  return session;
}

export function useSessionChange(id: number) {
  const queries = useQueryClient();
  const onSuccess = (session: Session) => queries.setQueryData(['screens', id], session);
  const end = useMutation<Session, Refused>({
    mutationFn: () => ask(api.POST('/api/screens/{id}/end', path(id))),
    onSuccess,
  });
  const giveBack = useMutation<Session, Refused, number>({
    mutationFn: (pupil) =>
      ask(api.POST('/api/screens/{id}/pupils/{pupil}/back', { params: { path: { id, pupil } } })),
    onSuccess,
  });
  return { end, giveBack };
}

/** What the pupil at this device sees; nothing while nobody has come in. */
export function useIn() {
  return useQuery<Schemas['InView'], Refused>({
    queryKey: ['in'],
    queryFn: () => ask(api.GET('/api/in')),
    staleTime: 0,
  });
}

export const useDoor = () =>
  useMutation<Schemas['DoorView'], Refused, string>({
    mutationFn: (code) => ask(api.POST('/api/in/door', { body: { code } })),
  });

function useInChange<V>(change: (values: V) => Promise<Schemas['InView']>) {
  const queries = useQueryClient();
  return useMutation<Schemas['InView'], Refused, V>({
    mutationFn: change,
    onSuccess: (view) => queries.setQueryData(['in'], view),
  });
}

export const useComeIn = () => useInChange((body: Schemas['Came']) => ask(api.POST('/api/in', { body })));

export const useLeave = () => useInChange(() => ask(api.POST('/api/in/leave')));

export const useHandIn = () => useInChange(async () => ({ own: await ask(api.POST('/api/in/hand-in')) }));
