import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { ink } from '../app/ink';

/** As many as can be taken in at a glance; the server names the most pressing first. */
const FIRST = 3;

/** What a plan has not got, and what would help. */
export function Conflicts({ said, label }: { said: string[]; label: string }) {
  const [all, setAll] = useState(false);
  if (said.length === 0) return null;
  return (
    <Box sx={{ mb: 1 }}>
      <Box sx={{ fontSize: 15, fontWeight: 700 }}>{label}</Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5, color: ink.plum, fontSize: 15 }} aria-label={label}>
        {(all ? said : said.slice(0, FIRST)).map((conflict) => (
          <li key={conflict}>{conflict}</li>
        ))}
      </Box>
      {said.length > FIRST && (
        <Button aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Show the most pressing only' : `Show all ${said.length}`}
        </Button>
      )}
    </Box>
  );
}
