import { Box } from '@mui/material';
import { useEffect, useId, useRef, type ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { ink } from '../app/ink';
import { visibleAt, type SheetMark } from './mark';
import { Marks } from './Marks';
import { PaperInWords } from './PaperInWords';
import { useSize } from './useSize';

type Props = {
  sheet: Schemas['SheetView'];
  /** The step that was written last. */
  step: number;
  /** The last step of the work; beyond it the check is shown too. */
  lastOfWork: number;
  name: string;
  /** Whether the squares may be as large as the frame allows. */
  filling?: boolean;
  /** What is drawn over the marks, in squares from the sheet's upper left. */
  children?: ReactNode;
};

const leftOf = 2; // squares of empty paper left of the sheet
const rightOf = 1; // right of it
const above = 1; // and above
const smallest = 18;

/** Draws any sheet from its marks: those whose time it is. It decides nothing about them. */
export function SheetPainter({ sheet, step, lastOfWork, name, filling = false, children }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const gridId = useId();
  const checking = step > lastOfWork;
  // The work alone fills the paper until its check begins.
  const area = checking ? { row: 0, column: 0, rows: sheet.rows, columns: sheet.columns } : sheet.work;
  const across = size.width / (area.columns + leftOf + rightOf);
  const down = size.height / (area.rows + above + 0.6);
  const largest = filling ? 112 : 78;
  const square = Math.max(smallest, Math.min(largest, across, down));
  const columns = Math.max(Math.floor(size.width / square), area.columns + leftOf + rightOf);
  const rows = Math.max(Math.ceil(size.height / square), area.rows + above + 1);
  const left = Math.max(leftOf, Math.floor((columns - area.columns) / 2)) - area.column;
  const visible = visibleAt(sheet.marks, step);
  const fresh = visible.filter((m) => m.step === step && step > 1);
  const newest = Math.max(...visible.filter((m) => m.kind !== 'wash').map((m) => m.step));
  const newestMarks = visible.filter((m) => m.step === newest);
  useInView(frame, newest > 1 ? newestMarks : [], square, left);

  return (
    <Box
      ref={frame}
      tabIndex={0}
      data-testid="paper"
      role="group"
      aria-label={`Paper: ${name}`}
      sx={{
        bgcolor: ink.sheet,
        border: `1px solid ${ink.hair}`,
        overflow: 'auto',
        minHeight: 0,
        position: 'relative',
        '&:focus-visible': { outlineOffset: -3 },
      }}
    >
      {size.width > 0 && (
        <svg
          width={Math.max(size.width, columns * square)}
          height={rows * square}
          aria-hidden
          style={{ display: 'block' }}
        >
          <defs>
            <pattern id={gridId} width={square} height={square} patternUnits="userSpaceOnUse">
              <path d={`M ${square} 0 H 0 V ${square}`} fill="none" stroke={ink.grid} />
            </pattern>
          </defs>
          <rect width="100%" height="100%" fill={`url(#${gridId})`} />
          <line x1={1.5 * square} x2={1.5 * square} y1={0} y2="100%" stroke={ink.margin} strokeWidth={2} />
          <g transform={`scale(${square}) translate(${left} ${above})`}>
            <Marks visible={visible} fresh={fresh} />
            {children}
          </g>
        </svg>
      )}
      <PaperInWords visible={visible} heard={sheet.heard} />
    </Box>
  );
}

/** Scrolls what was just written, and its column, into view. */
function useInView(
  frame: React.RefObject<HTMLDivElement | null>,
  fresh: SheetMark[],
  square: number,
  left: number,
) {
  const columns = fresh.map((m) => m.column);
  const ends = fresh.map((m) => m.toRow ?? m.row);
  const west = (Math.min(...columns) + left - 2) * square;
  const east = (Math.max(...columns) + left + 3) * square;
  const south = (Math.max(...ends) + above + 2) * square;
  const north = (Math.min(...fresh.map((m) => m.row)) + above - 1) * square;
  useEffect(() => {
    const box = frame.current;
    if (!box || !Number.isFinite(west)) {
      return;
    }
    const x = nearest(box.scrollLeft, box.clientWidth, west, east);
    const y = nearest(box.scrollTop, box.clientHeight, north, south);
    box.scrollTo({ left: x, top: y });
  }, [frame, west, east, north, south]);
}

/** The scroll position closest to the present one that shows the stretch, its start at least. */
function nearest(now: number, length: number, from: number, to: number) {
  const shown = Math.max(now, to - length);
  return Math.max(0, Math.min(shown, from));
}
