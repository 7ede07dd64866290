import { Box, Button } from '@mui/material';
import { digits, ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import type { Mistake } from './useMistake';

/** The slips that can happen in this problem; shown for as long as one is chosen. */
export function SlipChooser({ mistake }: { mistake: Mistake }) {
  return (
    <Box
      role="dialog"
      aria-label="A deliberate mistake"
      sx={{
        position: 'fixed',
        top: 40,
        right: 40,
        bgcolor: ink.page,
        border: `2px solid ${ink.ink}`,
        p: 3,
        font: `400 19px/1.5 ${digits}`,
        display: 'grid',
        justifyItems: 'start',
      }}
    >
      <b>Write it with a mistake: the hand …</b>
      <Trouble message={mistake.error?.message} />
      {mistake.slips?.length === 0 && <span>No slip changes the answer here. Take another problem.</span>}
      {mistake.slips?.map((slip, i) => (
        <Button
          key={slip.id}
          autoFocus={i === 0}
          onClick={() => mistake.choose(slip.id)}
          sx={{ font: 'inherit', textAlign: 'left' }}
        >
          … {slip.label}
        </Button>
      ))}
    </Box>
  );
}
