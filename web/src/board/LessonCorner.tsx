import { Box } from '@mui/material';
import { ink } from '../app/ink';
import type { Lesson } from './useLesson';

/** Which part of the lesson this is, how long it takes, and how far one is. */
export function LessonCorner({ lesson }: { lesson: Lesson }) {
  return (
    <>
      {lesson.part && (
        <Box sx={{ color: ink.ink, whiteSpace: 'nowrap', fontSize: 18, fontWeight: 600 }}>
          {lesson.part.name} <span style={{ fontWeight: 400 }}>{lesson.part.minutes} min</span>
        </Box>
      )}
      {lesson.count > 1 && (
        <Box sx={{ fontWeight: 400, fontSize: 18, color: ink.faint, whiteSpace: 'nowrap' }}>
          {lesson.at + 1} of {lesson.count}
        </Box>
      )}
    </>
  );
}
