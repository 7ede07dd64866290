import { Box, Button, LinearProgress } from '@mui/material';
import { stop, type UnderWay } from './underWay';

type Props = { job: UnderWay | undefined; what: string };

/** How far something long has come, and a way to stop it. */
export function HowFar({ job, what }: Props) {
  if (!job) {
    return null;
  }
  const known = job.of > 0 && job.done > 0;
  return (
    <Box role="status" sx={{ my: 1, maxWidth: 460 }}>
      {what}
      {known ? `: ${job.done} of ${job.of}` : ' …'}
      <Button onClick={() => void stop(job)} sx={{ ml: 1, textDecoration: 'underline', p: '0 6px' }}>
        Stop
      </Button>
      <LinearProgress
        aria-label={what}
        variant={known ? 'determinate' : 'indeterminate'}
        value={known ? Math.min(100, (100 * job.done) / job.of) : undefined}
      />
    </Box>
  );
}
