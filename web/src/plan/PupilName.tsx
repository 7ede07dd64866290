import { ink } from '../app/theme';
import { Box } from '@mui/material';

type Props = { name: string; first: boolean; taken: boolean; onPress?: () => void };

/** A pupil's name in a group; where the plan can be changed, one to press and move. */
export function PupilName({ name, first, taken, onPress }: Props) {
  return onPress ? (
    <Box
      component="button"
      onClick={onPress}
      aria-pressed={taken}
      sx={{
        font: 'inherit',
        color: ink.ink,
        border: 0,
        bgcolor: taken ? ink.amber : 'transparent',
        p: '0 5px 0 0',
        mr: 0.5,
        cursor: 'pointer',
        textDecoration: 'underline',
        textDecorationColor: ink.hair,
        textUnderlineOffset: '4px',
      }}
    >
      {name}
    </Box>
  ) : (
    <span>
      {!first && ' · '}
      {name}
    </span>
  );
}
