import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';

type Work = Schemas['WorkRequest'];

/** A part of a lesson that was set out before. */
export type Part = { kind: Schemas['StageKind']; name: string; does: string; minutes: number };

/** What stands on the board: a problem, or the questions of a sheet. */
export type Item = { work?: Work; part?: Part; sheet?: string[] };

/** What happens to a lesson that was set out before, to be kept. */
export type Kept = {
  onAdded: (kind: Part['kind'], problem: Schemas['WrittenProblem']) => void;
  onSkipped: (kind: Part['kind']) => void;
};

/** What stands on the board one after the other: what the lesson was begun with, and others like them. */
export function useLesson(begun: Item[], startAt: number, kept?: Kept) {
  const [items, setItems] = useState(begun);
  const [at, setAt] = useState(startAt);
  const item = items[at];
  const work = item?.work;
  const another = useMutation<Schemas['QuestionView'], Refused>({
    mutationFn: () =>
      ask(
        api.POST('/api/sets/another', { body: { work: work ?? {}, seed: Math.floor(Math.random() * 1e9) } }),
      ),
    onSuccess: ({ operation, operands, decimals, text, written }) => {
      const { method, style, check } = work ?? {};
      const like = { operation, operands, decimals, method, style, check, slip: work?.slip };
      setItems([...items.slice(0, at + 1), { ...item, work: like }, ...items.slice(at + 1)]);
      setAt(at + 1);
      if (item?.part) {
        kept?.onAdded(item.part.kind, { operation, operands, decimals, text, written });
      }
    },
  });
  const skip = () => {
    const kind = item?.part?.kind;
    const left = items.filter((each) => each.part?.kind !== kind);
    if (kind === undefined || left.length === 0) {
      return;
    }
    const before = items.slice(0, at).filter((each) => each.part?.kind !== kind).length;
    setItems(left);
    setAt(Math.min(before, left.length - 1));
    kept?.onSkipped(kind);
  };
  return {
    work,
    part: item?.part,
    sheet: item?.sheet,
    items,
    /** Tells this problem of the lesson from every other. */
    key: `${at} of ${items.length} ${work?.problem ?? work?.operands?.join(' ') ?? ''}`,
    at,
    count: items.length,
    next: () => setAt(Math.min(at + 1, items.length - 1)),
    previous: () => setAt(Math.max(at - 1, 0)),
    another: () => (work ? another.mutate() : undefined),
    skip,
    fault: another.error?.message,
  };
}

export type Lesson = ReturnType<typeof useLesson>;
