import { keepPreviousData, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { Refused, Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';
import { workedQuery } from '../paper/usePaper';
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

function subjectOf(lesson: Lesson, mistake: Mistake): Subject {
  const { shown, isPutRight } = mistake;
  const looked = shown ? `, looking at ${JSON.stringify(shown)}` : isPutRight ? ', put right' : '';
  return {
    key: lesson.key + looked,
    problem: lesson.key,
    work: mistake.right,
    asking: lesson.part && askedIn[lesson.part.kind],
    looking: shown ? (shown.slip ? 'mistake' : 'odd') : '',
    isWhole: isPutRight,
  };
}

/** A working and what it is about, which change together: the last ones stand until the next are there. */
function useStanding(subject: Subject, work: Schemas['WorkRequest'] | undefined) {
  const queries = useQueryClient();
  return useQuery<{ subject: Subject; worked: Schemas['WorkResponse'] }, Refused>({
    queryKey: keys.work.onBoard(subject, work),
    queryFn: async () => ({ subject, worked: await queries.fetchQuery(workedQuery(work)) }),
    staleTime: Infinity,
    // What was worked ahead comes on the board without the network; what was not waits for it by itself.
    networkMode: 'always',
    enabled: work !== undefined,
    placeholderData: keepPreviousData,
  });
}

type Props = { items: Item[]; at: number; step: number; back: string; kept?: Kept; reached?: Reached };

export function LessonOnBoard({ items, at, step, back, kept, reached }: Props) {
  const navigate = useNavigate();
  const lesson = useLesson(items, Math.min(reached?.item ?? at, items.length - 1), kept);
  const mistake = useMistake(lesson.work, lesson.key);
  const standing = useStanding(subjectOf(lesson, mistake), mistake.shown ?? mistake.right);
  useReadyAhead(lesson.items.slice(lesson.at));
  // Leaving takes the board's place in the history: Back does not lead onto it again.
  const leave = (left: number) => void navigate(back, { state: { step: left }, replace: true });
  if (standing.isError) {
    return <BoardTrouble message={standing.error.message} onLeave={() => leave(step)} />;
  }
  if (lesson.sheet) {
    return <SheetOnBoard lesson={lesson} sheet={lesson.sheet} onLeave={() => leave(1)} />;
  }
  if (lesson.part?.kind === 'write' && lesson.work) {
    return <WriteOnBoard key={lesson.key} lesson={lesson} work={lesson.work} onLeave={() => leave(1)} />;
  }
  if (!standing.data) {
    return <Fetching lesson={lesson} onLeave={() => leave(step)} />;
  }
  return (
    <Board
      worked={standing.data.worked}
      subject={standing.data.subject}
      startAt={reached?.step ?? step}
      lesson={lesson}
      mistake={mistake}
      onLeave={leave}
    />
  );
}
