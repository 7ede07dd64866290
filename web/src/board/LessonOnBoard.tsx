import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { useWorked } from '../paper/usePaper';
import type { Asking } from './asking';
import { Board } from './Board';
import { BoardTrouble } from './BoardTrouble';
import { Fetching } from './Fetching';
import type { Reached, Subject } from './subject';
import { SheetOnBoard } from './SheetOnBoard';
import { useLesson, type Item, type Kept, type Lesson } from './useLesson';
import { useMistake, type Mistake } from './useMistake';
import { useReadyAhead } from './useReadyAhead';
import { WriteOnBoard } from './WriteOnBoard';

/** What the class is asked for in each part of a lesson. */
const askedIn: Partial<Record<Schemas['StageKind'], Asking>> = {
  together: 'all',
  close: 'answer',
  show: 'nothing',
  mistake: 'nothing',
};

function useSubject(lesson: Lesson, mistake: Mistake, settled: boolean): Subject {
  const { shown } = mistake;
  const wanted: Subject = {
    key: shown ? `${lesson.key}, looking at ${JSON.stringify(shown)}` : lesson.key,
    work: mistake.right,
    asking: lesson.part && askedIn[lesson.part.kind],
    looking: shown ? (shown.slip ? 'mistake' : 'odd') : '',
  };
  const [subject, setSubject] = useState(wanted);
  if (settled && subject.key !== wanted.key) {
    setSubject(wanted);
    return wanted;
  }
  return subject;
}

type Props = { items: Item[]; at: number; step: number; back: string; kept?: Kept; reached?: Reached };

export function LessonOnBoard({ items, at, step, back, kept, reached }: Props) {
  const navigate = useNavigate();
  const lesson = useLesson(items, Math.min(reached?.item ?? at, items.length - 1), kept);
  const mistake = useMistake(lesson.work, lesson.key);
  const worked = useWorked(mistake.shown ?? mistake.right);
  useReadyAhead(lesson.items.slice(lesson.at));
  const subject = useSubject(lesson, mistake, worked.isSuccess && !worked.isPlaceholderData);
  // Leaving takes the board's place in the history: Back does not lead onto it again.
  const leave = (left: number) => void navigate(back, { state: { step: left }, replace: true });
  if (worked.isError) {
    return <BoardTrouble message={worked.error.message} onLeave={() => leave(step)} />;
  }
  if (lesson.sheet) {
    return <SheetOnBoard lesson={lesson} sheet={lesson.sheet} onLeave={() => leave(1)} />;
  }
  if (lesson.part?.kind === 'write' && lesson.work) {
    return <WriteOnBoard key={lesson.key} lesson={lesson} work={lesson.work} onLeave={() => leave(1)} />;
  }
  if (!worked.data) {
    return <Fetching lesson={lesson} onLeave={() => leave(step)} />;
  }
  return (
    <Board
      worked={worked.data}
      subject={subject}
      startAt={reached?.step ?? step}
      lesson={lesson}
      mistake={mistake}
      onLeave={leave}
    />
  );
}
