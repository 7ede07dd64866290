import { Box, Typography } from '@mui/material';
import type { FormEvent, ReactNode } from 'react';
import { ink } from '../app/ink';

/** The page before anybody is signed in, like the cover of an exercise book. */
export function Cover(props: { title: string; lead: string; onSubmit: () => void; children: ReactNode }) {
  const submit = (event: FormEvent) => {
    event.preventDefault();
    props.onSubmit();
  };
  return (
    <Box sx={{ minHeight: '100vh', display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '34% 1fr' } }}>
      <Box
        sx={{
          bgcolor: ink.spine,
          color: ink.page,
          p: 5,
          borderRight: `2px dashed ${ink.stitch}`,
          outline: `9px solid ${ink.spine}`,
          display: 'grid',
          alignContent: 'end',
          minHeight: 160,
        }}
      >
        <Typography component="p" sx={{ font: '700 40px Andika', m: 0 }}>
          Bemble
        </Typography>
        <Typography sx={{ fontSize: 18, maxWidth: 300 }}>
          Sums on squared paper, column by column, said as you say them.
        </Typography>
      </Box>
      <Box
        component="main"
        sx={{ display: 'grid', alignContent: 'center', justifyItems: 'start', p: { xs: 4, sm: 8 } }}
      >
        <Box component="form" noValidate onSubmit={submit} sx={{ width: '100%', maxWidth: 400 }}>
          <Typography variant="h1">{props.title}</Typography>
          <Typography sx={{ color: ink.faint, mt: 1, mb: 3 }}>{props.lead}</Typography>
          {props.children}
        </Box>
      </Box>
    </Box>
  );
}
