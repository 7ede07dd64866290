import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { ink } from '../app/ink';
import { useStyle, useWorked } from '../paper/usePaper';
import { Thumb } from './Thumb';
import { useNear } from './useNear';
import { useSlipShown } from './useGlance';

type Props = {
  slip: string;
  /** A second one that was made beside it. */
  with?: string;
  /** What it is called. */
  name: string;
  operation: Schemas['Operation'];
  /** A question of the child's own; without one a question is found in which the slip shows. */
  problem?: string;
};

/** A slip as one sees it: a sum written so, the broken place ringed; beside it, on demand, as it should be. */
export function SlipThumb({ slip, with: second, name, operation, problem }: Props) {
  const { ref, near } = useNear<HTMLDivElement>();
  const [right, setRight] = useState(false);
  const style = useStyle().data?.chosen;
  const found = useSlipShown(slip, operation, near && problem === undefined);
  const shown = problem ?? found.data?.problem;
  const asked = near && style && shown ? { problem: shown, style } : undefined;
  const slipped = useWorked(asked && { ...asked, slip, with: second });
  const careful = useWorked(right ? asked : undefined);
  // What shows in no question by this house style has nothing to be looked at.
  if (slipped.isError || (found.isSuccess && !shown)) {
    return null;
  }
  return (
    <Box ref={ref} sx={{ minHeight: 96, minWidth: 68, flex: 'none', maxWidth: '100%' }}>
      {slipped.data && (
        <>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-end' }}>
            <Thumb worked={slipped.data} name={`${slipped.data.problem} with ${name}`} ringed />
            {right && careful.data && (
              <Thumb worked={careful.data} name={`${careful.data.problem} as it should be`} />
            )}
          </Box>
          <Button
            sx={{
              p: 0,
              fontSize: 13,
              fontWeight: 400,
              color: ink.faint,
              textDecoration: 'underline',
              whiteSpace: 'nowrap',
            }}
            aria-expanded={right}
            aria-label={right ? `Hide ${shown} as it should be` : `Show ${shown} as it should be`}
            onClick={() => setRight(!right)}
          >
            {right ? 'Hide the right one' : 'As it should be'}
          </Button>
        </>
      )}
    </Box>
  );
}
