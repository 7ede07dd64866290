import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/theme';
import { SheetPainter } from '../sheet/SheetPainter';
import { BoardHelp } from './BoardHelp';
import { EmptyBoxes } from './EmptyBoxes';
import { MistakeMarks } from './MistakeMarks';
import { SlipChooser } from './SlipChooser';
import { useBoard } from './useBoard';
import type { Mistake } from './useMistake';

type Props = {
  worked: Schemas['WorkResponse'];
  startAt: number;
  mistake: Mistake;
  onLeave: (step: number) => void;
};

/** Nothing but paper and sentence; a clicker carries a whole lesson. */
export function Board({ worked, startAt, mistake, onLeave }: Props) {
  const board = useBoard(worked, startAt, mistake, onLeave);
  const lastOfWork = worked.steps.findLast((step) => step.part === 'work')?.n ?? 1;
  const step = worked.steps[board.current - 1];
  return (
    <Box
      component="main"
      data-testid="board"
      sx={{
        height: '100vh',
        display: 'grid',
        gridTemplateRows: 'minmax(0, 1fr) auto',
        bgcolor: ink.sheet,
        filter: board.contrast ? 'contrast(1.9) saturate(1.3)' : 'none',
      }}
    >
      <SheetPainter
        sheet={worked.sheet}
        step={board.current}
        lastOfPart={board.current > lastOfWork ? worked.steps.length : lastOfWork}
        name={`step ${board.current}`}
        filling
      >
        {board.waiting && board.next && (
          <EmptyBoxes step={board.next} marks={worked.sheet.marks} typed={board.typed} wrong={board.wrong} />
        )}
        <MistakeMarks
          sheet={worked.sheet}
          step={board.current}
          ringed={mistake.ringed}
          struck={mistake.struck}
        />
      </SheetPainter>
      <Box
        sx={{
          p: '10px 56px 18px',
          minHeight: 140,
          borderTop: `2px solid ${ink.hair}`,
          bgcolor: ink.page,
          display: 'flex',
          justifyContent: 'space-between',
          gap: 5,
        }}
      >
        <Box
          component="p"
          aria-live="polite"
          data-testid="sentence"
          sx={{ font: `400 34px/1.28 ${digits}`, m: 0 }}
        >
          {board.waiting ? board.next?.ask : step?.say}
          {board.wrong && (
            <Box component="span" sx={{ color: ink.wrong, display: 'block', fontSize: 26 }}>
              ✗ {board.typed.at(-1)} does not go there. ⌫ takes it back.
            </Box>
          )}
        </Box>
        <Box sx={{ color: ink.faint, fontSize: 18, fontWeight: 600, whiteSpace: 'nowrap', pt: 1.5 }}>
          {board.waiting ? 'your turn' : worked.slip ? 'what went wrong here?' : board.asking ? 'asking' : ''}
        </Box>
      </Box>
      {board.help && <BoardHelp />}
      {mistake.choosing && <SlipChooser mistake={mistake} />}
    </Box>
  );
}
