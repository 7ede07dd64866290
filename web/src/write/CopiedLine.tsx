import { Box } from '@mui/material';
import { Link } from 'react-router';
import { ink } from '../app/ink';
import type { AttemptView } from './useAttempts';

/** Of a paper that is copied from a pile: whose it is, whether it is in the pile as it stands here, and the way back. */
export function CopiedLine({ attempt, taken }: { attempt: AttemptView; taken: boolean }) {
  const { copied, question, label } = attempt;
  return (
    copied && (
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', color: ink.faint }}>
        <span>
          {label}, question {question}: write what stands on the paper
        </span>
        {taken && (
          <Box component="span" role="status" sx={{ color: ink.right }}>
            ✓ in the pile
          </Box>
        )}
        <Link to={`/marking/${copied.marking}?pupil=${copied.pupil}`}>To the pile</Link>
      </Box>
    )
  );
}
