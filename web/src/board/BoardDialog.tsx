import { Dialog } from '@mui/material';
import type { ReactNode } from 'react';
import { digits, ink } from '../app/ink';

type Props = { name: string; children: ReactNode; onClose: () => void };

/** A sheet laid over the board's upper right corner, for as long as something is chosen or looked up. */
export function BoardDialog({ name, children, onClose }: Props) {
  return (
    <Dialog
      open
      onClose={onClose}
      hideBackdrop
      // The board goes on hearing its keys while this is open: a clicker is never dead.
      disableEnforceFocus
      disableRestoreFocus
      slotProps={{
        paper: {
          'aria-label': name,
          sx: {
            position: 'fixed',
            top: { xs: 8, md: 32 },
            right: { xs: 8, md: 40 },
            m: 0,
            maxWidth: 560,
            maxHeight: 'calc(100vh - 64px)',
            bgcolor: ink.page,
            color: ink.ink,
            border: `2px solid ${ink.ink}`,
            p: { xs: 2, md: 3 },
            font: `400 19px/1.5 ${digits}`,
            display: 'grid',
            justifyItems: 'start',
          },
        },
      }}
    >
      {children}
    </Dialog>
  );
}
