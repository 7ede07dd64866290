import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { ink } from '../app/ink';
import { useRun, type AttemptView } from './useAttempts';

/** Where a paper is among those of its set, with the ways to the others. */
export function RunLine({ attempt }: { attempt: AttemptView }) {
  return attempt.run ? <Run run={attempt.run} attempt={attempt} /> : null;
}

function Run({ run, attempt }: { run: string; attempt: AttemptView }) {
  const papers = useRun(run).data ?? [];
  const index = papers.findIndex((each) => each.id === attempt.id);
  if (index < 0) {
    return null;
  }
  const before = papers.at(index - 1);
  const after = papers[index + 1] as AttemptView | undefined;
  return (
    <Box
      component="nav"
      aria-label="Questions of the set"
      sx={{ display: 'flex', gap: 1.5, color: ink.faint }}
    >
      {index > 0 && before && <Link to={`/write/${before.id}`}>← {index}</Link>}
      <span>
        Question {index + 1} of {papers.length}
      </span>
      {after && <Link to={`/write/${after.id}`}>{index + 2} →</Link>}
      <Link to={`/write/run/${run}`}>All questions</Link>
    </Box>
  );
}

/** The way onwards in a set whose papers are marked together at the end. */
export function OnwardsInRun({ run, id }: { run: string; id: number }) {
  const papers = useRun(run).data ?? [];
  const next = papers[papers.findIndex((each) => each.id === id) + 1];
  return (
    <Button component={Link} variant="contained" to={next ? `/write/${next.id}` : `/write/run/${run}`}>
      {next ? 'Next question' : 'To all questions'}
    </Button>
  );
}
