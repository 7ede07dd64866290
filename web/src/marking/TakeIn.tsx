import { Box, Button } from '@mui/material';
import { useRef } from 'react';
import { Trouble } from '../app/Trouble';
import { useTakeAnswersIn } from './useMarking';

/** Answers from a CSV file, a line a pupil: all of them or none. */
export function TakeIn({ id }: { id: number }) {
  const file = useRef<HTMLInputElement>(null);
  const takeIn = useTakeAnswersIn(id);
  return (
    <Box>
      <Button
        onClick={() => file.current?.click()}
        sx={{ p: 0, fontWeight: 400, textDecoration: 'underline' }}
      >
        Read answers from CSV
      </Button>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="File with answers"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          if (chosen) {
            takeIn.mutate(chosen);
          }
          event.target.value = '';
        }}
      />
      {takeIn.isSuccess && <span role="status"> {takeIn.data.answers} answers taken in.</span>}
      {takeIn.isError && (
        <Box sx={{ maxHeight: 160, overflow: 'auto' }}>
          <Trouble message="Nothing was taken in." />
          {takeIn.error.faults.map((fault) => (
            <Trouble key={fault.field + fault.message} message={fault.message} />
          ))}
        </Box>
      )}
    </Box>
  );
}
