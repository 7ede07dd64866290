import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';
import { standing, written, type Figure } from '../write/figures';
import { doneOn, goOnWith, keepSending, onTheWay, send, subscribe } from '../write/papers';
import type { AttemptView, Paper } from '../write/useAttempts';

export type OwnSet = Schemas['OwnSet'];

const path = (id: number) => ({ params: { path: { id } } });

const lookAgainAfter = 4000;

/** What the pupil at this device sees; nothing while nobody has come in. */
export function useIn() {
  return useQuery<Schemas['InView'], Refused>({
    queryKey: keys.in.all,
    queryFn: ({ client }) => {
      const own = client.getQueryData<Schemas['InView']>(keys.in.all)?.own;
      const waiting = own ? onTheWay(own.questions.map((question) => question.paper)) : 0;
      return ask(api.GET('/api/in', { params: { query: { onTheWay: waiting } } }));
    },
    staleTime: 0,
    // A set that is ended is ended for each pupil at once.
    refetchInterval: (query) =>
      query.state.data?.own && !query.state.data.own.ended ? lookAgainAfter : false,
  });
}

/** A pupil's own paper, held for the whole lesson. */
const ownPaper = (id: number) =>
  queryOptions<AttemptView, Refused>({
    queryKey: keys.in.paper(id),
    queryFn: () => ask(api.GET('/api/in/papers/{id}', path(id))),
    staleTime: 0,
    gcTime: Infinity,
  });

/** Its squares. */
const ownSquares = (id: number) =>
  queryOptions<Paper, Refused>({
    queryKey: keys.in.squares(id),
    queryFn: () => ask(api.GET('/api/in/papers/{id}/squares', path(id))),
    staleTime: Infinity,
    gcTime: Infinity,
  });

export const useOwnPaper = (id: number) => useQuery(ownPaper(id));
export const useOwnSquares = (id: number) => useQuery(ownSquares(id));

/** What is told to a child where the server does not answer. */
export const toAChild = (message: string) =>
  message.startsWith('Bemble does not answer')
    ? 'The school’s computer does not answer just now. Go on writing: it is kept here and sent by itself.'
    : message;

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

/** Hands in what was written; what is still on this device goes first, and is counted, so that nothing is left behind. */
export const useHandIn = (own: OwnSet) =>
  useInChange(async () => {
    const ids = own.questions.map((question) => question.paper);
    await Promise.all(ids.map(send));
    return { own: await ask(api.POST('/api/in/hand-in', { body: { written: doneOn(ids) } })) };
  });

/** Sends what this device has of a pupil's papers, whichever of their pages is open, also after a restart or coming back. */
export function useSendingOwn(own: OwnSet | undefined) {
  const papers = own?.questions.map((question) => question.paper).join(' ');
  const frozen = own === undefined || own.handedIn || own.ended;
  useEffect(() => {
    if (!papers) {
      return;
    }
    const ids = papers.split(' ').map(Number);
    const leave = goOnWith(ids, 'in');
    const end = keepSending();
    return () => {
      end();
      leave();
    };
    // What was refused while a set was closed is tried again once it is open.
  }, [papers, frozen]);
}

/** How many figures are on this device alone. */
export const useOnTheWay = (own: OwnSet) =>
  useSyncExternalStore(subscribe, () => onTheWay(own.questions.map((question) => question.paper)));

const pauseBetween = 100;

/** Fetches a pupil's papers one after the other, so that the next question is there when the server is not. */
export function useOwnPapersAhead(own: OwnSet | undefined) {
  const queries = useQueryClient();
  const papers = own?.questions.map((question) => question.paper).join(' ');
  useEffect(() => {
    const wanted = papers ? papers.split(' ').map(Number) : [];
    let timer: number | undefined;
    const next = async () => {
      const id = wanted.shift();
      if (id !== undefined) {
        await queries.prefetchQuery(ownPaper(id));
        await queries.prefetchQuery(ownSquares(id));
        timer = window.setTimeout(() => void next(), pauseBetween);
      }
    };
    timer = window.setTimeout(() => void next(), pauseBetween);
    return () => window.clearTimeout(timer);
  }, [papers, queries]);
}
