import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { followsFromMarks, keys } from '../api/keys';
import { useQuery } from '../app/useQuery';
import type { Figure } from './figures';
import { standing, written } from './figures';

export type AttemptView = Schemas['AttemptView'];
export type Settings = Schemas['AttemptSettings'];
export type Marked = Schemas['MarkResponse'];
export type Paper = Schemas['PaperView'];

export const plain: Settings = {
  settingOut: false,
  withCheck: false,
  led: false,
  marking: 'end',
  joinedAt: 0,
  ownWay: false,
};

export function useOneAttempt(id: number) {
  return useQuery<AttemptView, Refused>({
    queryKey: keys.papers.one(id),
    queryFn: () => ask(api.GET('/api/attempts/{id}', { params: { path: { id } } })),
    staleTime: 0,
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
}

export function useRun(run: string) {
  return useQuery<AttemptView[], Refused>({
    queryKey: keys.papers.run(run),
    queryFn: () => ask(api.GET('/api/attempts', { params: { query: { run } } })),
  });
}

type SetOut = { settingOut: boolean; withCheck: boolean };

/** The paper to write a problem on; fetched once, it stays. */
export const paperQuery = (work: Schemas['WorkRequest'] | undefined, { settingOut, withCheck }: SetOut) =>
  queryOptions<Paper, Refused>({
    queryKey: keys.papers.toWriteOn(work, settingOut, withCheck),
    queryFn: () => ask(api.POST('/api/paper', { body: { work: work ?? {}, settingOut, withCheck } })),
    staleTime: Infinity,
  });

export function usePaperToWriteOn(work: Schemas['WorkRequest'] | undefined, settings: SetOut) {
  return useQuery({ ...paperQuery(work, settings), enabled: work !== undefined });
}

export function useBegin() {
  return useMutation<AttemptView, Refused, Schemas['Begun']>({
    mutationFn: (body) => ask(api.POST('/api/attempts', { body })),
  });
}

export function useBeginRun() {
  return useMutation<Schemas['RunView'], Refused, Schemas['Begun'][]>({
    mutationFn: (papers) => ask(api.POST('/api/attempts/run', { body: { papers } })),
  });
}

/** The same questions with new numbers that are as hard, on new papers. */
export function useAgain() {
  return useMutation<Schemas['RunView'], Refused, AttemptView[]>({
    mutationFn: async (papers) => {
      const fresh: Schemas['Begun'][] = [];
      for (const { work, settings, setId, question, label } of papers) {
        const seed = Math.floor(Math.random() * 1e9);
        const other = await ask(api.POST('/api/sets/another', { body: { work, seed } }));
        fresh.push({
          work: {
            operation: other.operation,
            operands: other.operands,
            decimals: other.decimals,
            method: work.method,
            style: work.style,
            check: work.check,
          },
          settings: { ...settings, copiedAs: undefined, ownWay: false },
          setId,
          question,
          label,
        });
      }
      return ask(api.POST('/api/attempts/run', { body: { papers: fresh } }));
    },
  });
}

/** Marks all papers of a set worked through, one after the other. */
export function useMarkAll(run: string) {
  const queries = useQueryClient();
  return useMutation<number, Refused, number[]>({
    mutationFn: async (ids) => {
      for (const id of ids) {
        await ask(api.POST('/api/attempts/{id}/mark', { params: { path: { id } } }));
      }
      return ids.length;
    },
    onSettled: () => queries.invalidateQueries({ queryKey: keys.papers.run(run) }),
  });
}

export function useSettingsChange(id: number) {
  const queries = useQueryClient();
  return useMutation<AttemptView, Refused, Settings>({
    mutationFn: (body) => ask(api.PUT('/api/attempts/{id}/settings', { params: { path: { id } }, body })),
    onSuccess: (attempt) => queries.setQueryData(keys.papers.one(id), attempt),
  });
}

/**
 * Marks a paper and keeps how it came out, a copy in its pile too; what was written has to be on the server before. What it is called
 * with says how much stood on the paper then.
 */
export function useMarking({ id, copied }: AttemptView, flush: () => Promise<void>) {
  const queries = useQueryClient();
  return useMutation<Marked, Refused, number>({
    mutationFn: async () => {
      await flush();
      const marked = await ask(api.POST('/api/attempts/{id}/mark', { params: { path: { id } } }));
      if (copied) {
        const path = { id: copied.marking, paper: id };
        await ask(api.POST('/api/markings/{id}/copied/{paper}', { params: { path } }));
        void queries.invalidateQueries({ queryKey: keys.markings.one(copied.marking) });
        void queries.invalidateQueries({ predicate: ({ queryKey }) => followsFromMarks(queryKey) });
      }
      return marked;
    },
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: keys.log.all }),
        queries.invalidateQueries({ queryKey: keys.papers.runs }),
      ]),
  });
}

/** The request to mark what stands on a paper, or to help with it. */
export function requestFor(
  attempt: Pick<AttemptView, 'work'>,
  settings: Settings,
  figures: Figure[],
  soFar: boolean,
) {
  const { work } = attempt;
  return {
    ...work,
    check: settings.withCheck ? work.check : undefined,
    written: written(standing(figures)),
    settingOut: settings.settingOut,
    ownWay: settings.ownWay,
    soFar,
  } satisfies Schemas['MarkRequest'];
}

/** How what stands there so far is marked, without keeping it. */
export function useMarkedSoFar(
  attempt: Pick<AttemptView, 'work'>,
  settings: Settings,
  figures: Figure[],
  wanted: boolean,
) {
  const body = requestFor(attempt, settings, figures, true);
  return useQuery<Marked, Refused>({
    queryKey: keys.papers.marked(body),
    queryFn: () => ask(api.POST('/api/mark', { body })),
    enabled: wanted && body.written.length > 0,
    placeholderData: (before) => before,
    staleTime: Infinity,
    gcTime: 10_000,
  }).data;
}

export type Help = Schemas['NudgeView'];

export function useNudge(attempt: AttemptView, settings: Settings, figures: Figure[]) {
  return useMutation<Help, Refused, 'SQUARE' | 'QUESTION' | 'FIGURE'>({
    mutationFn: (size) =>
      ask(
        api.POST('/api/nudge', {
          params: { query: { size } },
          body: requestFor(attempt, settings, figures, true),
        }),
      ),
  });
}

/** The square that comes next, where the writer is led. */
export function useNext(attempt: AttemptView, settings: Settings, figures: Figure[]) {
  const body = requestFor(attempt, settings, figures, true);
  return useQuery<Help, Refused>({
    queryKey: keys.papers.next(body),
    queryFn: () => ask(api.POST('/api/nudge', { params: { query: { size: 'SQUARE' } }, body })),
    enabled: settings.led,
    staleTime: Infinity,
    gcTime: 10_000,
  }).data;
}
