import { Box } from '@mui/material';
import { FileButton } from '../app/FileButton';
import { Trouble } from '../app/Trouble';
import { useTakeAnswersIn } from './useMarking';

/** Answers from a CSV file, a line a pupil: all of them or none. */
export function TakeIn({ id }: { id: number }) {
  const takeIn = useTakeAnswersIn(id);
  return (
    <Box>
      <FileButton
        text="Read answers from CSV"
        label="File with answers"
        accept=".csv,text/csv"
        sx={{ p: 0, fontWeight: 400, textDecoration: 'underline' }}
        onFile={(file) => takeIn.mutate(file)}
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
