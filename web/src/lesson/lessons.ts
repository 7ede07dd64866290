import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Lesson = Schemas['LessonView'];
export type Stage = Schemas['StageView'];
export type Problem = Schemas['WrittenProblem'];

/** Where a lesson is found; `source` says what it is about. */
export const lessonAt = (source: string) => `/lessons/${encodeURIComponent(source)}`;
export const ofSet = (id: number) => `set~${id}`;
export const ofRung = (id: string) => `rung~${id}`;
export const ofGroup = (classId: number, day: string, group: Schemas['GroupView']) =>
  ['group', classId, day, group.kind, group.rung, ...(group.slip ? [group.slip] : [])].join('~');

const at = (source: string) => ({ params: { path: { source } } });

export function useLessonPlan(source: string) {
  return useQuery<Lesson, Refused>({
    queryKey: keys.lesson(source),
    queryFn: () => ask(api.GET('/api/lessons/{source}', at(source))),
    staleTime: 0,
  });
}

/** The lesson as it is kept, from how it is shown. */
const content = ({ stages, setId }: Lesson): Schemas['LessonContent'] => ({
  stages: stages.map(({ kind, minutes, problems, slip, skipped }) => ({
    kind,
    minutes,
    problems: problems.map(({ text }) => text),
    slip,
    skipped,
  })),
  setId,
});

/**
 * Changes a lesson, one change after the other, each made to what the one before has left. A change shows at once; it is made
 * again to what the server answers before it is sent, and so has to be one that twice is the same as once.
 */
export function useChangeLesson(source: string) {
  const queries = useQueryClient();
  const key = ['lesson', source];
  const shown = (lesson: Lesson) => queries.setQueryData(key, lesson);
  const scope = { id: `lesson ${source}` };
  const change = useMutation<Lesson, Refused, (stages: Stage[]) => Stage[]>({
    scope,
    mutationFn: (become) => {
      const now = queries.getQueryData<Lesson>(key);
      if (!now) {
        throw new Error('No lesson is shown.');
      }
      const body = { content: content({ ...now, stages: become(now.stages) }), revision: now.revision };
      return ask(api.PUT('/api/lessons/{source}', { ...at(source), body }));
    },
    onMutate: (become) => {
      queries.setQueryData<Lesson>(key, (now) => now && { ...now, stages: become(now.stages) });
    },
    onSuccess: shown,
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const anew = useMutation<Lesson, Refused, number>({
    scope,
    mutationFn: (minutes) =>
      ask(
        api.POST('/api/lessons/{source}/anew', {
          ...at(source),
          body: { minutes, revision: queries.getQueryData<Lesson>(key)?.revision ?? 0 },
        }),
      ),
    onSuccess: shown,
  });
  const sheet = useMutation<Schemas['SheetMade'], Refused>({
    mutationFn: () => ask(api.POST('/api/lessons/{source}/set', at(source))),
    onSuccess: () =>
      Promise.all(
        [key, ['plan'], ['sets'], ['today']].map((queryKey) => queries.invalidateQueries({ queryKey })),
      ),
  });
  return { change, anew, sheet };
}
