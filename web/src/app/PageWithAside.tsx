import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { ink } from './ink';

type Props = {
  children: ReactNode;
  aside: ReactNode;
  name: string;
  /** Whether it comes first where there is no room beside. */
  first?: boolean;
};

/** A page with what one most likely wants next beside it, or below where there is no room. */
export function PageWithAside({ children, aside, name, first }: Props) {
  return (
    <Box
      sx={{
        p: { xs: '10px 12px', md: '20px 32px' },
        display: 'grid',
        gridTemplateColumns: {
          xs: 'minmax(0, 1fr)',
          lg: 'minmax(0, 1fr) 264px',
          xl: 'minmax(0, 1100px) minmax(320px, 460px)',
        },
        columnGap: 4,
        rowGap: 3,
        alignItems: 'start',
      }}
    >
      <Box sx={{ minWidth: 0 }}>{children}</Box>
      <Box
        component="aside"
        aria-label={name}
        sx={{
          minWidth: 0,
          order: { xs: first ? -1 : 0, lg: 0 },
          borderLeft: { lg: `1px solid ${ink.hair}` },
          pl: { lg: 3 },
          pt: { lg: 0.5 },
        }}
      >
        {aside}
      </Box>
    </Box>
  );
}
