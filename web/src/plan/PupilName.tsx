import { ink } from '../app/ink';
import { Box } from '@mui/material';

type Props = {
  name: string;
  /** Whether it joins those who need it. */
  joins: boolean;
  /** Whether they were away, and are shown first what the others know. */
  catchesUp: boolean;
  taken: boolean;
  onPress?: () => void;
};

/** A pupil's name in a group, dashed where it joins in; where the plan can be changed, one to press and move. */
export function PupilName({ name, joins, catchesUp, taken, onPress }: Props) {
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
  const shown = catchesUp ? (
    <>
      {name} <span style={{ fontSize: 12 }}>catches up</span>
    </>
  ) : (
    name
  );
  return onPress ? (
    <Box
      component="button"
      onClick={onPress}
      aria-pressed={taken}
      aria-label={joins ? `${name}, joins in` : catchesUp ? `${name}, catches up` : undefined}
      sx={{ ...look, cursor: 'pointer' }}
    >
      {shown}
    </Box>
  ) : (
    <Box component="span" sx={look}>
      {shown}
    </Box>
  );
}
