import { type QueryClient, useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { followsFromMarks, keys } from '../api/keys';
import { usePages } from '../app/usePages';
import { useQuery } from '../app/useQuery';
import type { Entry, Pile } from './entry';
import { pile, startQueues, subscribe, unkept } from './queue';

export type Marking = Schemas['MarkingView'];
export type Paper = Schemas['MarkedPaperView'];
export type Answer = Schemas['PaperAnswerView'];
export type AnswerContent = Schemas['AnswerContent'];

const path = (id: number) => ({ params: { path: { id } } });

/** Has what is worked out from marked papers asked for anew where it is seen next. */
const askAnew = (queries: QueryClient) =>
  queries.invalidateQueries({ predicate: ({ queryKey }) => followsFromMarks(queryKey) });

/** The piles, newest first; those whose title, class or code has the words. */
export const useMarkings = (search: string) =>
  usePages<Schemas['MarkingLine']>(keys.markings.list(search), (offset) =>
    api.GET('/api/markings', { params: { query: { search, offset } } }),
  );

const askAgainAfter = 1000;

export function useMarking(id: number) {
  return useQuery<Marking, Refused>({
    queryKey: keys.markings.one(id),
    queryFn: () => ask(api.GET('/api/markings/{id}', path(id))),
    // What fits a paper follows where many are judged at once.
    refetchInterval: (query) =>
      query.state.data?.papers.some((paper) => !paper.judged) ? askAgainAfter : false,
  });
}

/** Says on which day the papers were written. */
export function useDayOfWork(id: number) {
  const queries = useQueryClient();
  return useMutation<Marking, Refused, string>({
    mutationFn: (workedOn) => ask(api.PUT('/api/markings/{id}/day', { ...path(id), body: { workedOn } })),
    onSuccess: (marking) => {
      queries.setQueryData(keys.markings.one(id), marking);
      void askAnew(queries);
    },
  });
}

/** What the papers show; asked for once all that was typed is saved, since an answer under way would be older than that. */
export function useClassPicture(id: number) {
  const saving = usePile(id).waiting.length;
  return useQuery<Schemas['ClassView'], Refused>({
    queryKey: keys.markings.ofClass(id),
    queryFn: () => ask(api.GET('/api/markings/{id}/class', path(id))),
    enabled: saving === 0,
    staleTime: 0,
  });
}

function useListChange<R, V>(change: (values: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation<R, Refused, V>({
    mutationFn: change,
    onSuccess: () => askAnew(queries),
  });
}

export const useBeginMarking = () =>
  useListChange((body: Schemas['BegunMarking']) => ask(api.POST('/api/markings', { body })));

export const useDeleteMarking = () =>
  useListChange((id: number) => ask(api.DELETE('/api/markings/{id}', path(id))));

export const useRestoreMarking = () =>
  useListChange((id: number) => ask(api.POST('/api/markings/{id}/restore', path(id))));

export const useSetForGroup = (id: number) =>
  useMutation<Schemas['MadeSet'], Refused, string>({
    mutationFn: (slip) => ask(api.POST('/api/markings/{id}/set', { ...path(id), body: { slip } })),
  });

async function send(id: number, entry: Entry): Promise<Paper> {
  if (entry.undoes) {
    const back = await ask(
      api.DELETE('/api/markings/{id}/entries/{key}', { params: { path: { id, key: entry.undoes } } }),
    );
    return back.paper;
  }
  const { key, pupil, line, cause, questions, seen, follows } = entry;
  return ask(
    api.POST('/api/markings/{id}/papers/{pupil}/entries', {
      params: { path: { id, pupil } },
      body: { key, line, cause, questions, seen, follows },
    }),
  );
}

/** Sends what was typed into piles, now and after the line was down, whichever page is open. */
export function useSendingPiles(teacher: number) {
  const queries = useQueryClient();
  useEffect(
    () =>
      startQueues(teacher, {
        send: async (id, entry) => {
          const paper = await send(id, entry);
          queries.setQueryData<Marking>(
            keys.markings.one(id),
            (marking) =>
              marking && {
                ...marking,
                papers: marking.papers.map((each) => (each.pupil.id === paper.pupil.id ? paper : each)),
              },
          );
          if (entry.line?.startsWith('#')) {
            void queries.invalidateQueries({ queryKey: keys.markings.one(id), exact: true });
          }
        },
        emptied: () => void askAnew(queries),
      }),
    [queries, teacher],
  );
}

/** What was typed into a pile: what is not yet kept, and what can be taken back. */
export const usePile = (id: number): Pile => useSyncExternalStore(subscribe, () => pile(id));

/** In which piles something is not yet kept. */
export const useUnkept = () => useSyncExternalStore(subscribe, unkept);

export type Form = Schemas['FormView'];

/** The forms that a typed line may have. */
export const useLineForms = () =>
  useQuery<Form[], Refused>({
    queryKey: keys.markings.lineForms,
    queryFn: () => ask(api.GET('/api/markings/forms')),
    staleTime: Infinity,
  });

export const useTakeAnswersIn = (id: number) => {
  const queries = useQueryClient();
  return useMutation<Schemas['AnswersTaken'], Refused, File>({
    mutationFn: (file) =>
      ask(
        api.POST('/api/markings/{id}/import', {
          ...path(id),
          body: file as unknown as string,
          bodySerializer: (body) => body,
          headers: { 'Content-Type': 'text/csv' },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.markings.one(id) }),
  });
};
