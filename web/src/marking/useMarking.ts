import {
  type QueryClient,
  useIsMutating,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { usePages } from '../app/usePages';

export type Marking = Schemas['MarkingView'];
export type Paper = Schemas['MarkedPaperView'];
export type Answer = Schemas['PaperAnswerView'];
export type AnswerContent = Schemas['AnswerContent'];

const scopeOf = (id: number) => `marking ${id}`;

const path = (id: number) => ({ params: { path: { id } } });

/** What is worked out from marked papers. */
const following = ['record', 'plan', 'term', 'today', 'report', 'pieces', 'markings', 'what goes'];

/** Has what is worked out from marked papers asked for anew where it is seen next. */
const askAnew = (queries: QueryClient) =>
  queries.invalidateQueries({
    predicate: ({ queryKey: [first, , part] }) =>
      following.includes(first as string) || (first === 'marking' && part !== undefined),
  });

/** The piles, newest first; those whose title, class or code has the words. */
export const useMarkings = (search: string) =>
  usePages<Schemas['MarkingLine']>(['markings', search], (offset) =>
    api.GET('/api/markings', { params: { query: { search, offset } } }),
  );

const askAgainAfter = 1000;

export function useMarking(id: number) {
  return useQuery<Marking, Refused>({
    queryKey: ['marking', id],
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
      queries.setQueryData(['marking', id], marking);
      void askAnew(queries);
    },
  });
}

/** What the papers show; asked for once all that was typed is saved, since an answer under way would be older than that. */
export function useClassPicture(id: number) {
  const saving = useIsMutating({ predicate: (mutation) => mutation.options.scope?.id === scopeOf(id) });
  return useQuery<Schemas['ClassView'], Refused>({
    queryKey: ['marking', id, 'class'],
    queryFn: () => ask(api.GET('/api/markings/{id}/class', path(id))),
    enabled: saving === 0,
    staleTime: 0,
  });
}

export function useMarkingKey(id: number, wanted: boolean) {
  return useQuery<Schemas['KeyView'], Refused>({
    queryKey: ['marking', id, 'key'],
    queryFn: () => ask(api.GET('/api/markings/{id}/key', path(id))),
    enabled: wanted,
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

/** What is done to one paper; undone by what stood there before. */
export type Change =
  | { kind: 'answer'; pupil: number; question: number; content: AnswerContent }
  | { kind: 'remove'; pupil: number; question: number }
  | { kind: 'cause'; pupil: number; cause: string; questions: number[] }
  | { kind: 'rest'; pupil: number; state: 'right' | 'not-reached'; how?: string }
  | { kind: 'paper'; pupil: number; sheet?: string; absent: boolean };

/**
 * Sends a change.
 *
 * @param seen the revision of the answer that this is written over
 */
async function send(id: number, change: Change, seen: number | undefined): Promise<Paper> {
  const { pupil } = change;
  switch (change.kind) {
    case 'answer':
      return ask(
        api.PUT('/api/markings/{id}/papers/{pupil}/answers/{question}', {
          params: { path: { id, pupil, question: change.question } },
          body: { ...change.content, revision: seen },
        }),
      );
    case 'remove':
      return ask(
        api.DELETE('/api/markings/{id}/papers/{pupil}/answers/{question}', {
          params: { path: { id, pupil, question: change.question }, query: { revision: seen } },
        }),
      );
    case 'cause':
      return ask(
        api.PUT('/api/markings/{id}/papers/{pupil}/cause', {
          params: { path: { id, pupil } },
          body: { cause: change.cause, questions: change.questions },
        }),
      );
    case 'rest':
      return ask(
        api.POST('/api/markings/{id}/papers/{pupil}/rest', {
          params: { path: { id, pupil } },
          body: { state: change.state, how: change.how },
        }),
      );
    case 'paper':
      return ask(
        api.PUT('/api/markings/{id}/papers/{pupil}', {
          params: { path: { id, pupil } },
          body: { sheet: change.sheet, absent: change.absent },
        }),
      );
  }
}

/** What another window has kept of an answer, beside what was to be kept here. */
export type Conflict = { change: Change; theirs: AnswerContent | undefined };

/** Keeps changes one after the other, and shows each paper as it is judged. */
export function useKeepPaper(id: number) {
  const queries = useQueryClient();
  const [conflict, setConflict] = useState<Conflict>();
  const keep = useMutation<Paper, Refused, Change>({
    scope: { id: scopeOf(id) },
    mutationFn: (change) => {
      const paper = queries
        .getQueryData<Marking>(['marking', id])
        ?.papers.find((each) => each.pupil.id === change.pupil);
      const question = change.kind === 'answer' || change.kind === 'remove' ? change.question : undefined;
      const there = paper?.answers.find((answer) => answer.question === question);
      return send(id, change, paper && question !== undefined ? (there?.revision ?? 0) : undefined);
    },
    onSuccess: (paper, change) => {
      queries.setQueryData<Marking>(
        ['marking', id],
        (marking) =>
          marking && {
            ...marking,
            papers: marking.papers.map((each) => (each.pupil.id === paper.pupil.id ? paper : each)),
          },
      );
      void askAnew(queries);
      if (change.kind === 'paper' && change.sheet) {
        void queries.invalidateQueries({ queryKey: ['marking', id], exact: true });
      }
    },
    onError: (refused, change) => {
      if (refused.status === 409) {
        setConflict({ change, theirs: refused.current as AnswerContent | undefined });
        void queries.invalidateQueries({ queryKey: ['marking', id], exact: true });
      }
    },
  });
  return { ...keep, conflict, settle: () => setConflict(undefined) };
}

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
    onSuccess: () => queries.invalidateQueries({ queryKey: ['marking', id] }),
  });
};
