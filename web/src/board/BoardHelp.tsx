import { Box } from '@mui/material';
import { digits, ink } from '../app/theme';

const keys = [
  ['→  Space  Page Down', 'forward; when asking, first the question, then the answer'],
  ['←  Page Up', 'back'],
  ['Home  End', 'to the start, to the end'],
  ['a', 'ask before each step, or just show'],
  ['0 … 9  ⌫', 'the class’s answer, digit by digit'],
  ['m', 'write it with a deliberate mistake'],
  ['r  x  p', 'ring the mistake, strike it out, put it right'],
  ['c', 'stronger contrast'],
  ['Esc', 'back to Paper'],
];

/** The few keys of the board. */
export function BoardHelp() {
  return (
    <Box
      role="dialog"
      aria-label="Keys"
      sx={{
        position: 'fixed',
        inset: 0,
        m: 'auto',
        width: 'fit-content',
        height: 'fit-content',
        bgcolor: ink.page,
        border: `2px solid ${ink.ink}`,
        p: 4,
        font: `400 21px/1.7 ${digits}`,
        display: 'grid',
        gridTemplateColumns: 'auto auto',
        columnGap: 5,
      }}
    >
      {keys.map(([key, does]) => (
        <Box key={key} sx={{ display: 'contents' }}>
          <b>{key}</b>
          <span>{does}</span>
        </Box>
      ))}
    </Box>
  );
}
