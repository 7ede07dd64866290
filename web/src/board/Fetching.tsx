import { Box } from '@mui/material';
import { useBoardKeys } from './useBoardKeys';
import type { Lesson } from './useLesson';

/** Stands where something is fetched: a clicker goes past it, and Escape leaves. */
export function Fetching({ lesson, onLeave }: { lesson: Lesson; onLeave: () => void }) {
  useBoardKeys({ PageDown: lesson.next, PageUp: lesson.previous, Escape: onLeave }, () => false);
  return (
    <Box component="main" sx={{ p: 6 }}>
      Fetching paper …
    </Box>
  );
}
