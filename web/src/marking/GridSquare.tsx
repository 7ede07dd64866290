import { Box } from '@mui/material';
import { memo, useState } from 'react';
import { digits, ink } from '../app/ink';
import type { Paper } from './useMarking';

type Props = {
  row: number;
  column: number;
  left: number;
  width: number;
  /** What stands there. */
  shown: string;
  /** Whether that is not yet kept. */
  waits: boolean;
  wrong: boolean;
  /** The name of what is said of it where it was refused. */
  id: string;
  refused: boolean;
  paper: Paper;
  /** Takes what was typed, or that nothing is any more; tells whether it can be read. */
  onTake: (paper: Paper, question: number, typed: string | undefined) => boolean;
  onFocused: (at: [number, number]) => void;
};

/** A square of the grid. What is typed stays in it, whatever is saved meanwhile; what cannot be read stays until it is changed. */
export const GridSquare = memo(function GridSquare(props: Props) {
  const { row, column, left, width, shown, waits, wrong, id, refused, paper, onTake, onFocused } = props;
  const [typed, setTyped] = useState<string>();
  const take = () => {
    const now = typed?.trim();
    if (now === undefined || now === shown) {
      setTyped(undefined);
      if (refused) {
        onTake(paper, column + 1, undefined);
      }
      return;
    }
    if (onTake(paper, column + 1, now)) {
      setTyped(undefined);
    }
  };
  return (
    <Box
      role="gridcell"
      aria-colindex={column + 2}
      sx={{ position: 'absolute', top: 0, left, width, '&:focus-within': { zIndex: 1 } }}
    >
      <Box
        component="input"
        value={typed ?? shown}
        onChange={(event) => setTyped((event.target as HTMLInputElement).value)}
        onFocus={(event) => {
          (event.target as HTMLInputElement).select();
          onFocused([row, column]);
        }}
        onBlur={take}
        data-row={row}
        data-column={column}
        disabled={paper.absent}
        aria-label={`${paper.pupil.name}, question ${column + 1}${wrong ? ', wrong' : ''}${waits ? ', not yet kept' : ''}`}
        aria-invalid={refused || undefined}
        aria-describedby={refused ? id : undefined}
        autoComplete="off"
        title={shown}
        sx={{
          width: '100%',
          height: 31,
          boxSizing: 'border-box',
          font: `${wrong ? 700 : 400} 15px ${digits}`,
          fontStyle: waits ? 'italic' : 'normal',
          textAlign: 'center',
          color: wrong ? ink.wrong : waits ? ink.faint : ink.ink,
          textDecoration: wrong ? 'underline' : 'none',
          bgcolor: paper.absent ? 'transparent' : ink.sheet,
          border: refused ? `2px solid ${ink.wrong}` : `1px solid ${ink.hair}`,
          px: 0.25,
          textOverflow: 'ellipsis',
        }}
      />
    </Box>
  );
});
