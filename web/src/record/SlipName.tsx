import type { Schemas } from '../api/client';
import { Box } from '@mui/material';
import { ink } from '../app/ink';

/** A slip with the operation it was made in, since several operations may have one of that name. */
export function SlipName({ slip }: { slip: { name: string; operation: Schemas['Operation'] } }) {
  return (
    <Box>
      <b>{slip.name}</b>
      <Box sx={{ color: ink.faint, fontSize: 14 }}>{slip.operation.replace('-', ' ')}</Box>
    </Box>
  );
}
