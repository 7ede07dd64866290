import { Box, Button } from '@mui/material';
import { Trouble } from '../app/Trouble';

/** Stands where something cannot be shown on the board. */
export function BoardTrouble({ message, onLeave }: { message: string; onLeave: () => void }) {
  return (
    <Box sx={{ p: 6 }} onKeyDown={(event) => event.key === 'Escape' && onLeave()}>
      <Trouble message={message} />
      <Button variant="outlined" autoFocus onClick={onLeave} sx={{ mt: 2 }}>
        Leave the board
      </Button>
    </Box>
  );
}
