import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, ask, Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type SetView = Schemas['SetView'];
export type SetContent = Schemas['SetContent'];
export type SetQuestion = Schemas['SetQuestion'];
export type Layout = Schemas['LayoutChoice'];
export type Question = Schemas['QuestionView'];
export type Ladder = Schemas['LadderView'];

const path = (id: number) => ({ params: { path: { id } } });

export function useSetList(search: string, archived: boolean) {
  return useQuery<Schemas['SetLine'][], Refused>({
    queryKey: keys.sets.list(search, archived),
    queryFn: () => ask(api.GET('/api/sets', { params: { query: { search, archived } } })),
  });
}

/** @param id none where there is no set to fetch */
export function useSet(id: number | undefined) {
  return useQuery<SetView, Refused>({
    queryKey: keys.sets.one(id),
    queryFn: () => ask(api.GET('/api/sets/{id}', path(id ?? 0))),
    enabled: id !== undefined,
    gcTime: 0,
  });
}

export function useLadders() {
  return useQuery<Ladder[], Refused>({
    queryKey: keys.sets.ladders,
    queryFn: () => ask(api.GET('/api/sets/ladders')),
    staleTime: Infinity,
  });
}

/** Asks for something and shows every list of sets anew. */
function useSetChange<R, V>(change: (values: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation<R, Refused, V>({
    mutationFn: change,
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.sets.lists }),
  });
}

export const useNewSet = () => useSetChange((body: SetContent) => ask(api.POST('/api/sets', { body })));

export const useCopySet = () =>
  useSetChange(({ id, otherNumbers }: { id: number; otherNumbers: boolean }) =>
    ask(api.POST('/api/sets/{id}/copy', { ...path(id), body: { otherNumbers } })),
  );

export const useArchiveSet = () =>
  useSetChange(({ id, archived }: { id: number; archived: boolean }) =>
    ask(api.POST('/api/sets/{id}/archive', { ...path(id), body: { archived } })),
  );

export const useDeleteSet = () => useSetChange((id: number) => ask(api.DELETE('/api/sets/{id}', path(id))));

export const useRestoreSet = () =>
  useSetChange((id: number) => ask(api.POST('/api/sets/{id}/restore', path(id))));

export const useTakeSetIn = () =>
  useSetChange((file: File) => {
    const isJson = file.name.toLowerCase().endsWith('.json');
    return ask(
      api.POST('/api/sets/import', {
        params: { query: { name: file.name.replace(/\.[^.]*$/, '') } },
        body: file as unknown as string,
        bodySerializer: (body) => body,
        headers: { 'Content-Type': isJson ? 'application/json' : 'text/csv' },
      }),
    );
  });

/**
 * Keeps a set's content, one change after the other. Each says which state of the set it changes, so that what
 * another window has saved meanwhile is not written over.
 */
export const useKeepSet = (view: SetView) => {
  const queries = useQueryClient();
  const revision = useRef<number | undefined>(view.revision);
  const [saved, setSaved] = useState(view.revision);
  const { id } = view;
  const keep = useMutation<SetView, Refused, SetContent>({
    scope: { id: `set ${id}` },
    mutationFn: (body) =>
      ask(
        api.PUT('/api/sets/{id}', {
          params: { path: { id }, query: { revision: revision.current } },
          body,
        }),
      ),
    onSuccess: (kept) => {
      revision.current = kept.revision;
      setSaved(kept.revision);
      queries.setQueryData<SetView>(keys.sets.one(id), kept);
      void queries.invalidateQueries({ queryKey: keys.sets.lists });
    },
  });
  return {
    ...keep,
    /** The state of the set that was saved last. */
    saved,
    /** What another window has saved, where that stands in the way. */
    theirs: keep.error?.status === 409 ? (keep.error.current as SetView) : undefined,
    /** From here on changes go over what the other window saved. */
    settle: (theirs: SetView) => {
      revision.current = theirs.revision;
      setSaved(theirs.revision);
      keep.reset();
    },
  };
};
export const useDraw = () =>
  useMutation<Schemas['Drawn'], Refused, Schemas['DraftRequest']>({
    mutationFn: (body) => ask(api.POST('/api/sets/draft', { body })),
  });

export const useTelling = () =>
  useMutation<Schemas['Telling'], Refused, Schemas['TellingRequest']>({
    mutationFn: (body) => ask(api.POST('/api/sets/telling', { body })),
  });

export const useReadProblems = () =>
  useMutation<Question[], Refused, string>({
    mutationFn: (text) => ask(api.POST('/api/sets/questions', { body: { text } })),
  });

/** A story that fits a question, other than the one it has; where none fits that is refused. */
export const useStory = () =>
  useMutation<string, Refused, { problem: string; now: string }>({
    mutationFn: async ({ problem, now }) => {
      const stories = await ask(api.GET('/api/stories', { params: { query: { problem } } }));
      const story = stories[(stories.indexOf(now) + 1) % stories.length];
      if (story === undefined) {
        throw new Refused(0, [
          { field: '', message: 'No story of ours fits these numbers. Write one of your own.' },
        ]);
      }
      return story;
    },
  });

/** What is told of a question once it has other numbers; nothing where the story would not be true of them. */
export const useRetold = () =>
  useMutation<{ fresh: Question; story: string }, Refused, { question: SetQuestion; fresh: Question }>({
    mutationFn: async ({ question: { problem, story }, fresh }) => {
      if (story === '' || problem === fresh.text) {
        return { fresh, story };
      }
      const query = { story, before: problem, now: fresh.text };
      return { fresh, ...(await ask(api.GET('/api/stories/again', { params: { query } }))) };
    },
  });

export const useAnother = () =>
  useMutation<Question, Refused, string>({
    mutationFn: (problem) =>
      ask(
        api.POST('/api/sets/another', {
          body: { work: { problem }, seed: Math.floor(Math.random() * 1e9) },
        }),
      ),
  });
