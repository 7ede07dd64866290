import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { digits, ink } from '../app/ink';
import { verdictWords } from './marksOfPaper';
import type { AttemptView, Marked } from './useAttempts';

type Props = {
  marked: Marked;
  /** Whether the whole paper is marked, or only what stands there so far. */
  whole: boolean;
  attempt: AttemptView;
};

const order = ['right', 'follows', 'wrong', 'unclear', 'missing'];
const signs: Record<string, string> = { right: '✓', follows: '→', wrong: '✗', unclear: '?', missing: '⬚' };

/** What a marked paper comes to: how many figures are what, the first that went wrong, and what that fits. */
export function AfterMarking({ marked, whole, attempt }: Props) {
  const counts = order
    .map((verdict) => ({
      verdict,
      count: marked.figures.filter((figure) => figure.verdict === verdict && figure.kind !== 'strike').length,
    }))
    .filter((each) => each.count > 0 && (whole || each.verdict !== 'missing'));
  return (
    <Box data-testid="marked" role="status">
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', fontSize: 15.5, alignItems: 'baseline' }}>
        {whole && <Verdict marked={marked} />}
        {counts.map(({ verdict, count }) => (
          <span key={verdict}>
            {signs[verdict]} {count} {verdictWords[verdict]}
          </span>
        ))}
        {whole && (
          <Link to={`/paper?problem=${encodeURIComponent(attempt.problem)}`}>
            The right working, step by step
          </Link>
        )}
      </Box>
      {marked.marks && (
        <Box sx={{ fontSize: 16, mt: 0.5 }}>
          <b>
            {marked.marks.given} of {marked.marks.of} marks.
          </b>{' '}
          {marked.marks.say}
        </Box>
      )}
      {marked.notShown.length > 0 && marked.verdict === 'right' && (
        <Box sx={{ color: ink.faint, fontSize: 15, mt: 0.5 }}>
          Some of the working is not shown; that takes nothing away from the answer.
        </Box>
      )}
      {marked.first && (
        <Box
          component="p"
          sx={{ font: `400 21px/1.35 ${digits}`, fontSize: { xs: 18, md: 21 }, m: '6px 0 0' }}
        >
          {marked.first.say}
        </Box>
      )}
      {(marked.say || marked.findings[0]) && (
        <Box sx={{ color: ink.plum, fontSize: 15.5, mt: 0.5 }}>{marked.say || marked.findings[0]?.say}</Box>
      )}
      {whole && marked.check && <WhereItFails marked={marked} />}
    </Box>
  );
}

function Verdict({ marked }: { marked: Marked }) {
  const words = {
    right: '✓ All right',
    wrong:
      marked.answer.verdict === 'right' ? '✗ The answer is right, the working is not' : '✗ Not right yet',
    unfinished: '⬚ Not finished',
  }[marked.verdict];
  return <b style={{ color: marked.verdict === 'right' ? ink.right : ink.wrong }}>{words}</b>;
}

/** Where a check does not agree, the writer is asked first where that comes from. */
function WhereItFails({ marked }: { marked: Marked }) {
  const [guess, setGuess] = useState<'sum' | 'check'>();
  const { check } = marked;
  if (!check || (check.agrees && check.verdict === 'right')) {
    return check && <Box sx={{ mt: 0.5 }}>The check agrees, so the answer is probably right.</Box>;
  }
  if (check.verdict === 'unfinished') {
    return <Box sx={{ mt: 0.5 }}>The check is not finished.</Box>;
  }
  const inCheck = check.verdict === 'wrong';
  const inSum = marked.answer.verdict !== 'right';
  const where = inCheck && inSum ? 'In both' : inCheck ? 'In the check' : 'In the sum';
  return (
    <Box sx={{ mt: 0.75, display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
      <span>The check does not agree. Where is it: in the sum, or in the check?</span>
      {guess === undefined ? (
        <>
          <Button variant="outlined" onClick={() => setGuess('sum')} sx={{ p: '0 10px' }}>
            In the sum
          </Button>
          <Button variant="outlined" onClick={() => setGuess('check')} sx={{ p: '0 10px' }}>
            In the check
          </Button>
        </>
      ) : (
        <b>{(guess === 'sum' ? inSum : inCheck) ? `Yes. ${where}.` : `Look again. ${where}.`}</b>
      )}
    </Box>
  );
}
