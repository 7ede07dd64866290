import { Box, Button } from '@mui/material';
import { Link, useNavigate, useParams } from 'react-router';
import type { BoardState } from '../board/subject';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useSet } from '../sets/useSets';
import { useAgain, useMarkAll, useRun, type AttemptView } from './useAttempts';

const states: Record<string, string> = {
  open: '⬚ being written',
  right: '✓ right',
  wrong: '✗ wrong',
  unfinished: '⬚ not finished',
};

/** The papers of a set worked through: marked together, what went wrong gathered, and tried again with new numbers. */
export function RunScreen() {
  const run = useParams().run ?? '';
  const papers = useRun(run);
  const markAll = useMarkAll(run);
  const again = useAgain();
  const navigate = useNavigate();
  const setId = papers.data?.[0]?.setId;
  const set = useSet(setId);
  if (papers.error) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={papers.error.message} />
      </Box>
    );
  }
  if (!papers.data) {
    return <Box sx={{ p: 4 }}>Fetching the papers …</Box>;
  }
  const all = papers.data;
  const marked = all.filter((paper) => paper.state !== 'open');
  const right = all.filter((paper) => paper.state === 'right');
  const wrong = marked.filter((paper) => paper.state !== 'right');
  const passMark = set.data?.content.passMark;
  const walk = () => {
    const state: BoardState = {
      works: wrong.map((paper) => paper.work),
      at: 0,
      step: 1,
      back: `/write/run/${run}`,
    };
    navigate('/board', { state });
  };
  return (
    <Box sx={{ p: { xs: '14px', md: '22px 28px' } }}>
      <Box component="h1" sx={{ m: 0, mb: 0.5 }}>
        {set.data?.content.title ?? 'Papers'}
      </Box>
      <Box role="status" data-testid="run-result" sx={{ mb: 2, fontSize: 18 }}>
        {marked.length < all.length
          ? `${all.length - marked.length} of ${all.length} not marked yet.`
          : `${right.length} of ${all.length} right${
              passMark === undefined
                ? '.'
                : right.length >= passMark
                  ? `: the pass mark of ${passMark} is reached.`
                  : `; the pass mark is ${passMark}.`
            }`}
      </Box>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 720 }}>
        {all.map((paper, index) => (
          <PaperLine key={paper.id} paper={paper} number={paper.question ?? index + 1} />
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, mt: 2.5, flexWrap: 'wrap' }}>
        {marked.length < all.length && (
          <Button
            variant="contained"
            disabled={markAll.isPending}
            onClick={() => markAll.mutate(all.map((paper) => paper.id))}
          >
            {markAll.isPending ? 'Marking …' : 'Hand all in and mark'}
          </Button>
        )}
        {marked.length === all.length && wrong.length > 0 && (
          <>
            <Button variant="contained" onClick={walk}>
              Walk through what went wrong
            </Button>
            <Button
              variant="outlined"
              disabled={again.isPending}
              onClick={() => again.mutate(wrong, { onSuccess: (begun) => navigate(`/write/${begun.first}`) })}
            >
              Those again, with new numbers
            </Button>
          </>
        )}
        {setId !== undefined && (
          <Button component={Link} to={`/sets/${setId}`} variant="outlined">
            To the set
          </Button>
        )}
      </Box>
      <Trouble message={markAll.error?.message ?? again.error?.message} />
    </Box>
  );
}

function PaperLine({ paper, number }: { paper: AttemptView; number: number }) {
  const good = paper.state === 'right';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '36px minmax(0, 1fr) minmax(0, 0.7fr) 150px',
        gap: 1.5,
        borderTop: `1px solid ${ink.hair}`,
        p: '7px 0',
        alignItems: 'baseline',
      }}
    >
      <Box sx={{ color: ink.faint, textAlign: 'right' }}>{number}</Box>
      <Box sx={{ fontFamily: digits, fontSize: 18, overflowWrap: 'anywhere' }}>
        <Link to={`/write/${paper.id}`}>{paper.problem}</Link>
      </Box>
      <Box sx={{ fontFamily: digits, fontSize: 18, overflowWrap: 'anywhere' }}>{paper.answer}</Box>
      <Box sx={{ color: good ? ink.right : paper.state === 'wrong' ? ink.wrong : ink.faint }}>
        {states[paper.state] ?? paper.state}
      </Box>
    </Box>
  );
}
