import { Box, Button } from '@mui/material';
import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import type { Logging } from './LogPanel';
import type { Steps } from './useSteps';

type Props = {
  steps: Steps;
  check: Schemas['CheckView'];
  logging: Logging;
  onCheck: () => void;
  onBoard: () => void;
  onWrite: () => void;
  /** What else can be done with the working. */
  more: ReactNode;
};

/** Back, next, play; where one is; the check; and whether the log has it. */
export function StepButtons({ steps, check, logging, onCheck, onBoard, onWrite, more }: Props) {
  const atEnd = steps.current === steps.count;
  return (
    <Box sx={{ display: 'grid', justifyItems: { xs: 'start', md: 'end' }, alignContent: 'start', gap: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={steps.back} disabled={steps.current === 1}>
          Back
        </Button>
        <Button variant="contained" onClick={steps.next} disabled={atEnd}>
          Next step
        </Button>
        <Button variant="outlined" onClick={steps.play} disabled={atEnd} aria-pressed={steps.isPlaying}>
          {steps.isPlaying ? 'Pause' : 'Play'}
        </Button>
        <Box sx={{ color: ink.faint, minWidth: 60, textAlign: 'right' }}>
          {steps.current} of {steps.count}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', fontSize: 15 }}>
        {atEnd && (
          <Box role="status" sx={{ color: check.holds ? ink.right : ink.wrong, fontWeight: 650 }}>
            {check.holds ? '✓ the check agrees' : '✗ the check does not agree'}
          </Box>
        )}
        {!atEnd && logging.entry && (
          <Box role="status" sx={{ color: ink.right }}>
            ✓ in the log
          </Box>
        )}
        <Button variant="text" onClick={onWrite} sx={{ p: 0, textDecoration: 'underline' }}>
          Write it
        </Button>
        <Button variant="text" onClick={onBoard} sx={{ p: 0, textDecoration: 'underline' }}>
          Board
        </Button>
        {!steps.inCheck && (
          <Button variant="text" onClick={onCheck} sx={{ p: 0, textDecoration: 'underline' }}>
            To the check
          </Button>
        )}
        {more}
      </Box>
      {logging.error && <Trouble message={`Not in the log yet: ${logging.error.message}`} />}
    </Box>
  );
}
