import { Box } from '@mui/material';
import { ink } from '../app/ink';
import type { SetEditor } from './useSetEditor';

const counted = (count: number, one: string) => `${count} ${count === 1 ? one : `${one}s`}`;

/** How much the set is for a pupil and on paper, and whether it is saved. */
export function SetCounts({ editor }: { editor: SetEditor }) {
  const { content, keep, minutes } = editor;
  return (
    <Box sx={{ color: ink.faint }}>
      <Box component="span" role="status" sx={{ color: ink.right, mr: 1.5 }}>
        {keep.isPending ? 'saving …' : keep.isSuccess ? '✓ saved' : ''}
      </Box>
      {counted(content.questions.length, 'question')}, about {counted(minutes, 'minute')}
    </Box>
  );
}
