import { Navigate, useLocation } from 'react-router';
import { LessonOnBoard } from './LessonOnBoard';
import type { BoardState } from './subject';
import { TaughtLesson } from './TaughtLesson';

/** The board: one working after the other, full screen for the back row. */
export function BoardScreen() {
  const state = useLocation().state as BoardState | null;
  if (!state) {
    return <Navigate to="/paper" replace />;
  }
  return state.lesson ? (
    <TaughtLesson source={state.lesson} at={state.at} back={state.back} reached={state.reached} />
  ) : (
    <LessonOnBoard {...state} items={state.works.map((work) => ({ work }))} />
  );
}
