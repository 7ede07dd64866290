import { Box, Button } from '@mui/material';
import { Tick } from '../app/Tick';
import { digits, ink } from '../app/ink';
import type { Problem, Stage } from './lessons';

type Props = { stage: Stage; onSkip: () => void; onWithout: (problem: Problem) => void; onBoard: () => void };

/** A part of a lesson: what is done in it, with which numbers, and for how long. */
export function StageRow({ stage, onSkip, onWithout, onBoard }: Props) {
  const { name, problems, skipped } = stage;
  const quiet = skipped ? { color: ink.faint } : undefined;
  return (
    <Box
      component="li"
      sx={{
        borderTop: `1px solid ${ink.hair}`,
        py: 1.25,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '150px minmax(0, 1fr) 70px 220px' },
        gap: 2,
        ...quiet,
      }}
    >
      <Box component="h2" sx={{ m: 0, fontSize: 18, textDecoration: skipped ? 'line-through' : undefined }}>
        {name}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ color: ink.faint }}>{stage.does}</Box>
        {!skipped && (
          <Box
            component="ul"
            sx={{ listStyle: 'none', p: 0, m: '4px 0 0', columnGap: 3, rowGap: 0.25, ...flow }}
          >
            {problems.map((problem) => (
              <li key={problem.text}>
                {problem.written}
                {problems.length > 1 && (
                  <Button
                    onClick={() => onWithout(problem)}
                    aria-label={`Without ${problem.written}`}
                    sx={{ p: '0 6px', color: ink.faint }}
                  >
                    ×
                  </Button>
                )}
              </li>
            ))}
          </Box>
        )}
        {!skipped && stage.mistake && <Box sx={{ color: ink.plum }}>{stage.mistake}</Box>}
      </Box>
      <Box sx={{ textAlign: { md: 'right' } }}>{skipped ? 'skipped' : `${stage.minutes} min`}</Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <Tick label="Skip" name={`Skip ${name}`} checked={skipped} onChange={onSkip} />
        {!skipped && (
          <Button
            variant="outlined"
            sx={{ p: '1px 9px' }}
            onClick={onBoard}
            aria-label={`${name} on the board`}
          >
            On the board
          </Button>
        )}
      </Box>
    </Box>
  );
}

const flow = { display: 'flex', flexWrap: 'wrap', fontFamily: digits, fontSize: 19 } as const;
