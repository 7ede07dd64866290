import { Box, Button } from '@mui/material';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { ink } from '../app/theme';
import { Trouble } from '../app/Trouble';

type Props = {
  /** The pile it is from. */
  id: number;
  hint?: string;
  trouble?: string;
  children: ReactNode;
};

/** A page that is printed as it stands on the screen: what only serves the screen is left out. */
export function PrintedPage({ id, hint, trouble, children }: Props) {
  return (
    <Box
      sx={{
        p: { xs: '10px 12px', md: '16px 28px' },
        maxWidth: 900,
        '@media print': { p: 0, '& .not-printed': { display: 'none' } },
      }}
    >
      <Box
        className="not-printed"
        sx={{ display: 'flex', gap: 2, mb: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
      >
        <Link to={`/marking/${id}`}>Back to the pile</Link>
        <Button variant="contained" onClick={() => window.print()}>
          Print
        </Button>
        {hint && <Box sx={{ color: ink.faint }}>{hint}</Box>}
      </Box>
      <Trouble message={trouble} />
      {children}
    </Box>
  );
}
