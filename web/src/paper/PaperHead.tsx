import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { Select } from '../app/Select';
import { Tabs } from '../app/Tabs';
import { ink } from '../app/ink';

type Props = {
  line: ReactNode;
  ways?: Schemas['Ways'];
  method?: string;
  onMethod: (id: string) => void;
  beside: string;
  onBeside: (id: string) => void;
  note?: string;
};

/** The top of Paper: the problem, the method it is written by, and the one beside it. */
export function PaperHead({ line, ways, method, onMethod, beside, onBeside, note }: Props) {
  const others = [...(ways?.methods.filter((way) => way.id !== method) ?? []), ...(ways?.pictures ?? [])];
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'flex-start',
        gap: { xs: 1, md: 3.5 },
        flexWrap: { xs: 'wrap', md: 'nowrap' },
        pb: 1.5,
        minHeight: { md: 72 },
      }}
    >
      {line}
      {ways && method && (
        <Box>
          <Box sx={{ color: ink.faint, fontSize: 13, mb: 0.75 }}>Written by</Box>
          <Tabs label="Method" value={method} options={ways.methods} onChange={onMethod} />
          {note && <Box sx={{ color: ink.faint, fontSize: 14 }}>{note}</Box>}
        </Box>
      )}
      {others.length > 0 && (
        <Box sx={{ ml: 'auto', width: 172 }}>
          <Select
            label="Beside it"
            value={beside}
            options={[{ id: '', label: 'nothing' }, ...others]}
            onChange={onBeside}
          />
        </Box>
      )}
    </Box>
  );
}
