import { Box, Button } from '@mui/material';
import { ink } from '../app/ink';
import { momentInWords } from '../app/timeInWords';
import { Trouble } from '../app/Trouble';
import { RemarksForm } from '../log/RemarksForm';
import type { useLogging } from './useLogging';

export type Logging = ReturnType<typeof useLogging>;

/** What the log keeps of the problem on the paper. */
export function LogPanel({ logging, finished }: { logging: Logging; finished: boolean }) {
  if (logging.entry) {
    return (
      <>
        <Box sx={{ color: ink.faint, mb: 2 }}>In the log since {momentInWords(logging.entry.workedAt)}.</Box>
        <RemarksForm key={logging.entry.id} entry={logging.entry} />
      </>
    );
  }
  return (
    <>
      <p>
        A problem worked to its end goes into the log by itself. To label this one now, put it there first.
      </p>
      <Button variant="outlined" onClick={logging.save} disabled={logging.isPending || finished}>
        Put it in the log
      </Button>
      <Trouble message={logging.error?.message} />
    </>
  );
}
