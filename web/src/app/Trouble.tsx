import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { ink } from './theme';

/** What is wrong and what to do, marked by a sign as well as by colour. Says nothing where all is well. */
export function Trouble(props: { id?: string; message?: string; children?: ReactNode }) {
  if (!props.message) {
    return null;
  }
  return (
    <Box id={props.id} role="alert" sx={{ color: ink.wrong, fontSize: 15, mt: 0.5, display: 'flex', gap: 1 }}>
      <Box component="span" aria-hidden sx={{ fontWeight: 700 }}>
        ✗
      </Box>
      <span>
        {props.message} {props.children}
      </span>
    </Box>
  );
}
