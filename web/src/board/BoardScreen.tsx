import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Navigate, useLocation, useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { Trouble } from '../app/Trouble';
import { useWorked } from '../paper/usePaper';
import { Board } from './Board';
import { useLesson, type Lesson } from './useLesson';
import { useMistake, type Mistake } from './useMistake';

/** What is handed over to the board. */
export type BoardState = {
  /** The problems of the lesson, in their order. */
  works: Schemas['WorkRequest'][];
  /** The problem to begin with. */
  at: number;
  step: number;
  /** Where one leaves to. */
  back: string;
};

/** The board: one working after the other, full screen for the back row. */
export function BoardScreen() {
  const state = useLocation().state as BoardState | null;
  return state ? <LessonOnBoard {...state} /> : <Navigate to="/paper" replace />;
}

/** What the working on the board is about; it changes only once the new working is there. */
export type Subject = { key: string; work?: Schemas['WorkRequest']; looking: '' | 'mistake' | 'odd' };

function useSubject(lesson: Lesson, mistake: Mistake, settled: boolean): Subject {
  const { shown } = mistake;
  const wanted: Subject = {
    key: shown ? `${lesson.key}, looking at ${JSON.stringify(shown)}` : lesson.key,
    work: lesson.work,
    looking: shown ? (shown.slip ? 'mistake' : 'odd') : '',
  };
  const [subject, setSubject] = useState(wanted);
  if (settled && subject.key !== wanted.key) {
    setSubject(wanted);
    return wanted;
  }
  return subject;
}

function LessonOnBoard({ works, at, step, back }: BoardState) {
  const navigate = useNavigate();
  const lesson = useLesson(works, at);
  const mistake = useMistake(lesson.work);
  const worked = useWorked(mistake.shown ?? lesson.work);
  const subject = useSubject(lesson, mistake, worked.isSuccess && !worked.isPlaceholderData);
  // Leaving takes the board's place in the history: Back does not lead onto it again.
  const leave = (left: number) => void navigate(back, { state: { step: left }, replace: true });
  if (worked.isError) {
    return (
      <Box sx={{ p: 6 }} onKeyDown={(event) => event.key === 'Escape' && leave(step)}>
        <Trouble message={worked.error.message} />
        <Button variant="outlined" autoFocus onClick={() => leave(step)} sx={{ mt: 2 }}>
          Leave the board
        </Button>
      </Box>
    );
  }
  if (!worked.data) {
    return <Box sx={{ p: 6 }}>Fetching paper …</Box>;
  }
  return (
    <Board
      worked={worked.data}
      subject={subject}
      startAt={step}
      lesson={lesson}
      mistake={mistake}
      onLeave={leave}
    />
  );
}
