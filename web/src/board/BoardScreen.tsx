import { Box } from '@mui/material';
import { Navigate, useLocation, useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { Trouble } from '../app/Trouble';
import { useWorked } from '../paper/usePaper';
import { Board } from './Board';
import { useMistake } from './useMistake';

/** What Paper hands over to the board. */
export type BoardState = { work: Schemas['WorkRequest']; step: number; back: string };

/** The board: one working, full screen for the back row. */
export function BoardScreen() {
  const location = useLocation();
  const navigate = useNavigate();
  const state = location.state as BoardState | null;
  const mistake = useMistake(state?.work);
  const work = state && mistake.slip ? { ...state.work, slip: mistake.slip } : state?.work;
  const worked = useWorked(work);
  if (!state) {
    return <Navigate to="/paper" replace />;
  }
  if (worked.isError) {
    return (
      <Box sx={{ p: 6 }}>
        <Trouble message={worked.error.message} />
      </Box>
    );
  }
  if (!worked.data) {
    return <Box sx={{ p: 6 }}>Fetching paper …</Box>;
  }
  return (
    <Board
      worked={worked.data}
      startAt={state.step}
      mistake={mistake}
      onLeave={(step) => navigate(state.back, { state: { step } })}
    />
  );
}
