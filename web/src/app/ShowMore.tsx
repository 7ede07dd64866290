import { Box, Button } from '@mui/material';
import { ink } from './ink';

type Props = { shown: number; total: number; more?: () => void };

/** How much of a long list is shown, and a way to the rest. */
export function ShowMore({ shown, total, more }: Props) {
  return (
    <Box sx={{ color: ink.faint, mt: 1.5 }}>
      {shown} of {total}
      {more && (
        <Button onClick={more} sx={{ ml: 1, textDecoration: 'underline' }}>
          Show more
        </Button>
      )}
    </Box>
  );
}
