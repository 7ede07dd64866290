import { Box, Button } from '@mui/material';
import { useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { Trouble } from '../app/Trouble';
import { useChangeLesson, useLessonPlan, type Lesson, type Stage } from '../lesson/lessons';
import { LessonOnBoard } from './LessonOnBoard';
import { useStyle } from '../paper/usePaper';
import type { Reached } from './subject';
import type { Item } from './useLesson';

type Style = Schemas['StyleView']['chosen'];

/** A part as it goes over the board: a problem after the other, or the questions of its sheet. */
function onBoard({ kind, name, does, minutes, problems, slip }: Stage, style: Style | undefined): Item[] {
  const part = { kind, name, does, minutes };
  return kind === 'alone'
    ? [{ part, sheet: problems.map(({ written }) => written) }]
    : problems.map(({ operation, operands, decimals }) => {
        const work = { operation, operands, decimals, style };
        return { part, work: slip ? { ...work, slip } : work };
      });
}

const taught = (lesson: Lesson) => lesson.stages.filter((stage) => !stage.skipped);

type Props = { source: string; at: number; back: string; reached?: Reached };

/** A lesson on the board, part after part; what is added or skipped in it is kept. */
export function TaughtLesson({ source, at, back, reached }: Props) {
  const navigate = useNavigate();
  const lesson = useLessonPlan(source);
  const { change } = useChangeLesson(source);
  const style = useStyle();
  if (!lesson.data || !style.data) {
    return (
      <Box sx={{ p: 6 }}>
        {lesson.isError ? (
          <>
            <Trouble message={lesson.error.message} />
            <Button
              variant="outlined"
              autoFocus
              onClick={() => navigate(back, { replace: true })}
              sx={{ mt: 2 }}
            >
              Leave the board
            </Button>
          </>
        ) : (
          'Fetching paper …'
        )}
      </Box>
    );
  }
  const { chosen } = style.data;
  const parts = taught(lesson.data).map((stage) => onBoard(stage, chosen));
  return (
    <LessonOnBoard
      items={parts.flat()}
      at={parts.slice(0, at).flat().length}
      step={1}
      back={back}
      reached={reached}
      kept={{
        onAdded: (kind, problem) =>
          change.mutate((stages) =>
            stages.map((stage) =>
              stage.kind === kind && !stage.problems.some(({ text }) => text === problem.text)
                ? { ...stage, problems: [...stage.problems, problem] }
                : stage,
            ),
          ),
        onSkipped: (kind) =>
          change.mutate((stages) =>
            stages.map((stage) => (stage.kind === kind ? { ...stage, skipped: true } : stage)),
          ),
      }}
    />
  );
}
