import { ink } from '../app/theme';
import { Box } from '@mui/material';

type Props = {
  name: string;
  /** Whether it joins those who need it. */
  joins: boolean;
  taken: boolean;
  onPress?: () => void;
};

/** A pupil's name in a group, dashed where it joins in; where the plan can be changed, one to press and move. */
export function PupilName({ name, joins, taken, onPress }: Props) {
  const look = {
    font: 'inherit',
    fontSize: 15,
    lineHeight: 1.45,
    display: 'inline-block',
    color: ink.ink,
    border: `1px ${joins ? 'dashed' : 'solid'} ${onPress ? ink.faint : ink.hair}`,
    bgcolor: taken ? ink.amber : 'transparent',
    px: 0.75,
    m: '2px 4px 2px 0',
  } as const;
  return onPress ? (
    <Box
      component="button"
      onClick={onPress}
      aria-pressed={taken}
      aria-label={joins ? `${name}, joins in` : undefined}
      sx={{ ...look, cursor: 'pointer' }}
    >
      {name}
    </Box>
  ) : (
    <Box component="span" sx={look}>
      {name}
    </Box>
  );
}
