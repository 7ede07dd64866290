import type { Schemas } from '../api/client';
import { Box } from '@mui/material';
import { ink } from '../app/ink';

type Props = { state: Schemas['State']; ruled?: boolean; shows?: string; size?: number };

/** A state drawn: empty, half filled, filled, filled with a ring that is open again. Told apart without colour. */
export function StateSign({ state, ruled = false, shows, size = 18 }: Props) {
  const stroke = shows ? ink.plum : ink.ink;
  return (
    <Box
      component="svg"
      aria-hidden
      width={size + 8}
      height={size}
      viewBox="0 0 26 18"
      sx={{ verticalAlign: 'middle' }}
    >
      {state === 'not-tried' && <circle cx="9" cy="9" r="1.6" fill={ink.faint} />}
      {state !== 'not-tried' && (
        <circle
          cx="9"
          cy="9"
          r="7"
          fill={state === 'secure' ? ink.ink : 'none'}
          stroke={stroke}
          strokeWidth={1.6}
          strokeDasharray={state === 'due' ? '3.2 2.3' : undefined}
        />
      )}
      {state === 'learning' && <path d="M9 2 A7 7 0 0 0 9 16 Z" fill={stroke} />}
      {state === 'due' && <circle cx="9" cy="9" r="3.4" fill={ink.ink} />}
      {shows && <path d="M18 3.5 L25 3.5 L21.5 9.5 Z" fill={ink.plum} />}
      {ruled && <path d="M18 15 H25" stroke={ink.ink} strokeWidth={2.2} />}
    </Box>
  );
}
