import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';

type Work = Schemas['WorkRequest'];

/** The problems of a lesson on the board: those it was begun with, and others like them. */
export function useLesson(begun: Work[], startAt: number) {
  const [works, setWorks] = useState(begun);
  const [at, setAt] = useState(startAt);
  const work = works[at];
  const another = useMutation<Schemas['QuestionView'], Refused>({
    mutationFn: () =>
      ask(
        api.POST('/api/sets/another', { body: { work: work ?? {}, seed: Math.floor(Math.random() * 1e9) } }),
      ),
    onSuccess: ({ operation, operands, decimals }) => {
      const { method, style, check } = work ?? {};
      setWorks([
        ...works.slice(0, at + 1),
        { operation, operands, decimals, method, style, check },
        ...works.slice(at + 1),
      ]);
      setAt(at + 1);
    },
  });
  return {
    work,
    /** Tells this problem of the lesson from every other. */
    key: `${at} of ${works.length}`,
    at,
    count: works.length,
    next: () => setAt(Math.min(at + 1, works.length - 1)),
    previous: () => setAt(Math.max(at - 1, 0)),
    another: () => another.mutate(),
    fault: another.error?.message,
  };
}

export type Lesson = ReturnType<typeof useLesson>;
