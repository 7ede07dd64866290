import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { ink } from '../app/ink';

/** What the signs of a picture stand for. */
export function Legend({ signs }: { signs: { sign: ReactNode; means: string }[] }) {
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 2.25,
        rowGap: 0.25,
        color: ink.faint,
        fontSize: 14,
        my: 0.75,
      }}
    >
      {signs.map(({ sign, means }) => (
        <Box component="span" key={means} sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.75 }}>
          {sign}
          {means}
        </Box>
      ))}
    </Box>
  );
}
