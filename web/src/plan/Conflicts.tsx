import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { ink } from '../app/theme';

/** As many as can be taken in at a glance; the server names the most pressing first. */
const FIRST = 3;

/** What a plan could not meet, and what would help. */
export function Conflicts({ said }: { said: string[] }) {
  const [all, setAll] = useState(false);
  if (said.length === 0) return null;
  return (
    <Box sx={{ mb: 1 }}>
      <Box
        component="ul"
        sx={{ m: 0, pl: 2.5, color: ink.plum, fontSize: 15 }}
        aria-label="What could not be met"
      >
        {(all ? said : said.slice(0, FIRST)).map((conflict) => (
          <li key={conflict}>{conflict}</li>
        ))}
      </Box>
      {said.length > FIRST && (
        <Button aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Show the most pressing only' : `Show all ${said.length} that could not be met`}
        </Button>
      )}
    </Box>
  );
}
