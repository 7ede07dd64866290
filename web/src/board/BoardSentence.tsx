import { Box, Button, Tooltip } from '@mui/material';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { Cue } from '../style/Cue';
import { askingWords } from './asking';
import type { BoardNow } from './useBoard';
import { LessonCorner } from './LessonCorner';
import type { Lesson } from './useLesson';

type Props = { board: BoardNow; lesson: Lesson; step: Schemas['StepView'] | undefined; looking: string };

/** What is said or asked, large, and in a corner what kind of lesson this is. */
export function BoardSentence({ board, lesson, step, looking }: Props) {
  const mode = board.waiting ? 'your turn' : looking || askingWords[board.asking];
  return (
    <Box
      sx={{
        p: { xs: '8px 14px 12px', md: '10px 56px 18px' },
        minHeight: 140,
        borderTop: `2px solid ${ink.hair}`,
        bgcolor: ink.page,
        display: 'flex',
        justifyContent: 'space-between',
        gap: 5,
      }}
    >
      <Box
        component="p"
        aria-live="polite"
        data-testid="sentence"
        sx={{ font: `400 34px/1.28 ${digits}`, fontSize: { xs: 21, md: 34 }, m: 0 }}
      >
        <Cue kinds={(board.waiting ? board.next : step)?.cues} size={22} />
        {board.waiting ? board.next?.ask || 'What is written next?' : step?.say}
        {board.decides && (
          <Box component="span" sx={{ color: ink.faint, display: 'block', fontSize: 22 }}>
            Yes (y) or no (n)?
          </Box>
        )}
        {board.wrong && (
          <Box component="span" sx={{ color: ink.wrong, display: 'block', fontSize: 26 }}>
            ✗ {board.typed.at(-1)} does not go there. ⌫ takes it back.
          </Box>
        )}
        {lesson.fault && (
          <Box component="span" role="alert" sx={{ color: ink.wrong, display: 'block', fontSize: 22 }}>
            {lesson.fault}
          </Box>
        )}
      </Box>
      <Box
        sx={{ color: ink.faint, fontSize: 18, fontWeight: 600, textAlign: 'right', maxWidth: 220, pt: 1.5 }}
      >
        {mode}{' '}
        <Tooltip title="Keys (?)">
          <Button
            onClick={(event) => {
              event.currentTarget.blur();
              board.help();
            }}
            aria-label="Keys of the board"
            sx={{ font: 'inherit', color: 'inherit', p: '0 8px', border: `1px solid ${ink.hair}` }}
          >
            ?
          </Button>
        </Tooltip>
        <LessonCorner lesson={lesson} />
      </Box>
    </Box>
  );
}
