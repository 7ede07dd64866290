import { Box, ButtonBase } from '@mui/material';
import { ink } from '../app/ink';
import { appearsLate } from '../app/appearsLate';
import type { Entry } from './entry';
import type { Paper } from './useMarking';

/** How far a paper is, in a few signs. */
function standing(paper: Paper) {
  if (paper.absent) {
    return 'absent';
  }
  const wrong = paper.answers.filter((answer) => answer.verdict === 'wrong').length;
  const right = paper.answers.filter((answer) => answer.verdict === 'right').length;
  return paper.answers.length === 0 ? '' : `${right} ✓ ${wrong} ✗`;
}

type Props = {
  papers: Paper[];
  /** What is not yet kept. */
  waiting: Entry[];
  at: number;
  onGo: (at: number) => void;
};

/** The pupils of the pile in the order of the class list. */
export function PupilList({ papers, waiting, at, onGo }: Props) {
  return (
    <Box
      component="nav"
      aria-label="Papers"
      sx={{
        maxHeight: { xs: 150, md: 'calc(100dvh - 110px)' },
        overflow: 'auto',
        borderRight: { md: `1px solid ${ink.hair}` },
      }}
    >
      {papers.map((paper, i) => (
        <ButtonBase
          key={paper.pupil.id}
          onClick={() => onGo(i)}
          aria-current={i === at}
          sx={{
            display: 'flex',
            width: '100%',
            justifyContent: 'space-between',
            px: 1,
            py: 0.5,
            font: 'inherit',
            lineHeight: 1.3,
            fontSize: 16,
            bgcolor: i === at ? ink.amber : 'transparent',
            // A wash is not seen where somebody has colours of their own.
            borderLeft: `3px solid ${i === at ? ink.amberDeep : 'transparent'}`,
            color: ink.ink,
          }}
        >
          <Box component="span" sx={{ textAlign: 'left' }}>
            {paper.pupil.name}
          </Box>
          <Box component="span" sx={{ color: ink.faint, fontSize: 14, whiteSpace: 'nowrap' }}>
            {waiting.some((entry) => entry.pupil === paper.pupil.id) && (
              <Box component="span" sx={appearsLate} title="not yet kept" aria-label="not yet kept">
                …{' '}
              </Box>
            )}
            {standing(paper)}
          </Box>
        </ButtonBase>
      ))}
    </Box>
  );
}
