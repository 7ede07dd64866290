import { Box } from '@mui/material';
import { digits, ink } from '../app/ink';
import { LessonCorner } from './LessonCorner';
import { useBoardKeys } from './useBoardKeys';
import type { Lesson } from './useLesson';

type Props = { lesson: Lesson; sheet: string[]; onLeave: () => void };

/** What everybody does alone, large, for as long as it takes. */
export function SheetOnBoard({ lesson, sheet, onLeave }: Props) {
  useBoardKeys(
    {
      ArrowRight: lesson.next,
      ' ': lesson.next,
      PageDown: lesson.next,
      n: lesson.next,
      ArrowLeft: lesson.previous,
      PageUp: lesson.previous,
      b: lesson.previous,
      s: lesson.skip,
      Escape: onLeave,
    },
    () => false,
  );
  const hasLong = sheet.some((problem) => problem.length > 24);
  const size = sheet.length > 20 ? 28 : sheet.length > 12 ? 36 : 54;
  return (
    <Box
      component="main"
      data-testid="alone"
      data-goes-on
      tabIndex={-1}
      onClick={lesson.next}
      sx={{ minHeight: '100vh', bgcolor: ink.sheet, color: ink.ink, p: { xs: '12px 14px', md: '28px 56px' } }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 4, mb: 2 }}>
        <Box component="h1" sx={{ m: 0, fontSize: { xs: 24, md: 34 } }}>
          {lesson.part?.does}
        </Box>
        <Box sx={{ textAlign: 'right' }}>
          <LessonCorner lesson={lesson} />
        </Box>
      </Box>
      <Box
        component="ol"
        sx={{
          m: 0,
          p: 0,
          listStyle: 'none',
          columnCount: { xs: 1, md: hasLong ? 1 : sheet.length > 20 ? 3 : 2 },
          columnGap: 5,
          overflowWrap: 'anywhere',
          font: `400 ${size}px/1.9 ${digits}`,
          fontSize: { xs: 24, md: size },
        }}
      >
        {sheet.map((problem, index) => (
          <Box component="li" key={problem} sx={{ breakInside: 'avoid', display: 'flex', gap: 2 }}>
            <Box
              component="span"
              sx={{ color: ink.faint, fontSize: '0.7em', minWidth: '1.6em', textAlign: 'right' }}
            >
              {index + 1}
            </Box>
            {problem}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
