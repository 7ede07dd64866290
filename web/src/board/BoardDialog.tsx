import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { digits, ink } from '../app/theme';

/** A sheet laid over the board's upper right corner, for as long as something is chosen or looked up. */
export function BoardDialog({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box
      role="dialog"
      aria-label={name}
      sx={{
        position: 'fixed',
        top: 32,
        right: 40,
        maxWidth: 560,
        maxHeight: 'calc(100vh - 64px)',
        overflow: 'auto',
        bgcolor: ink.page,
        color: ink.ink,
        border: `2px solid ${ink.ink}`,
        p: 3,
        font: `400 19px/1.5 ${digits}`,
        display: 'grid',
        justifyItems: 'start',
        zIndex: 1,
      }}
    >
      {children}
    </Box>
  );
}
