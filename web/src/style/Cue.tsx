import { Box } from '@mui/material';
import { digits, ink } from '../app/ink';
import { useCue } from './usePreferences';

type Props = { kinds: string[] | undefined; size: number };

/** The teacher's own cue for what is done now, small above the sentence; nothing where there is none. */
export function Cue({ kinds, size }: Props) {
  const cue = useCue(kinds);
  if (!cue) {
    return null;
  }
  return (
    <Box
      component="span"
      data-testid="cue"
      sx={{ display: 'block', font: `700 ${size}px/1.3 ${digits}`, color: ink.plum }}
    >
      {cue}
    </Box>
  );
}
