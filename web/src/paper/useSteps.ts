import { useCallback, useEffect, useState } from 'react';
import type { Schemas } from '../api/client';

type Step = Schemas['StepView'];

const playEvery = 2600;
/** Beyond every last step: the end of the sum, however many steps it has. */
export const beyond = Number.MAX_SAFE_INTEGER;

/** Where one is in a working, and the ways to move. */
export function useSteps(steps: Step[] | undefined, startAt: number) {
  const [at, setAt] = useState(startAt);
  const [playing, setPlaying] = useState(false);
  const count = steps?.length ?? 0;
  const lastOfWork = steps?.findLast((step) => step.part === 'work')?.n ?? 0;
  const current = Math.min(at, at > count ? lastOfWork : count);
  const inCheck = current > lastOfWork;
  const lastOfPart = inCheck ? count : lastOfWork;

  const goTo = useCallback((n: number) => {
    setPlaying(false);
    setAt(n);
  }, []);
  const next = useCallback(() => goTo(Math.min(current + 1, count)), [goTo, current, count]);
  const back = useCallback(() => goTo(Math.max(current - 1, 1)), [goTo, current]);
  const toStart = useCallback(() => goTo(1), [goTo]);
  /** To the end of the sum, and from there to the end of its check. */
  const toEnd = useCallback(
    () => goTo(current < lastOfWork ? lastOfWork : count),
    [goTo, current, lastOfWork, count],
  );
  /** Where one belongs when the working changes: at its end if one was there, else at its start. */
  const startAnew = useCallback(() => goTo(current >= lastOfWork ? beyond : 1), [goTo, current, lastOfWork]);
  const play = useCallback(() => setPlaying((now) => !now), []);

  const isPlaying = playing && current < lastOfPart;
  useEffect(() => {
    if (!isPlaying) {
      return undefined;
    }
    const timer = setTimeout(() => setAt(current + 1), playEvery);
    return () => clearTimeout(timer);
  }, [isPlaying, current]);

  return {
    current,
    count,
    lastOfWork,
    lastOfPart,
    inCheck,
    isPlaying,
    goTo,
    next,
    back,
    toStart,
    toEnd,
    startAnew,
    play,
  };
}

export type Steps = ReturnType<typeof useSteps>;
