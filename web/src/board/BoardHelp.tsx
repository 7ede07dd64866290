import { Button } from '@mui/material';
import { BoardDialog } from './BoardDialog';
import type { BoardKeys } from './useBoardKeys';

const rows = [
  {
    keys: '→  Space  Page Down',
    press: 'ArrowRight',
    does: 'forward, as a tap on the paper is; when asking, first the question, then the answer',
  },
  { keys: '←  Page Up', press: 'ArrowLeft', does: 'back' },
  { keys: 'Home', press: 'Home', does: 'to the start' },
  { keys: 'End', press: 'End', does: 'to the end' },
  { keys: 'n', press: 'n', does: 'next problem' },
  { keys: 'b', press: 'b', does: 'the problem before' },
  { keys: 'l', press: 'l', does: 'another like this' },
  { keys: 's', press: 's', does: 'skip this part of the lesson' },
  {
    keys: 'a',
    press: 'a',
    does: 'ask every step, only carries and exchanges, only the last line, or just show',
  },
  { keys: '0 … 9  ⌫', press: '', does: 'the class’s answer, digit by digit' },
  { keys: 'f', press: 'f', does: 'how to find this fact' },
  { keys: 'v', press: 'v', does: 'a picture beside the paper' },
  { keys: 'm', press: 'm', does: 'a deliberate mistake, or what looks odd' },
  {
    keys: 'r',
    press: 'r',
    does: 'this column is asked for once more; with a mistake on the board, it is ringed',
  },
  { keys: 'w', press: 'w', does: 'with a mistake on the board, the same worked again beside it' },
  { keys: 'x', press: 'x', does: 'strike it out' },
  { keys: 'p', press: 'p', does: 'put it right' },
  { keys: 'c', press: 'c', does: 'stronger contrast' },
  { keys: 'Esc', press: 'Escape', does: 'close this; once more leaves the board' },
];

/** The few keys of the board; each can be tapped as well. */
export function BoardHelp({ keys, onClose }: { keys: BoardKeys; onClose: () => void }) {
  const tap = (key: string) => {
    onClose();
    if (key !== 'Escape') {
      keys[key]?.();
    }
  };
  return (
    <BoardDialog name="Keys" onClose={onClose}>
      {rows.map(({ keys: names, press, does }) => (
        <Button
          key={names}
          disabled={press === ''}
          onClick={() => tap(press)}
          sx={{
            font: 'inherit',
            color: 'inherit',
            textAlign: 'left',
            p: '1px 6px',
            width: '100%',
            display: 'grid',
            gridTemplateColumns: { xs: '84px 1fr', md: '190px 1fr' },
            '&.Mui-disabled': { color: 'inherit' },
          }}
        >
          <b>{names}</b>
          <span>{does}</span>
        </Button>
      ))}
    </BoardDialog>
  );
}
