import { useEffect, useId, useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import type { SheetMark } from '../sheet/mark';
import { Marks } from '../sheet/Marks';
import { useSize } from '../sheet/useSize';
import { inSquare, type Figure } from './figures';
import { marksOf, printed } from './marksOfPaper';
import { VerdictSign } from './VerdictSign';

type Marked = Schemas['MarkResponse'];

type Props = {
  paper: Schemas['PaperView'];
  there: Map<string, Figure>;
  /** The square the pen is on; none where nobody writes. */
  at?: number;
  small?: boolean;
  /** The square that comes next, where that is shown. */
  next?: number;
  marked?: Marked;
  name: string;
  describedBy?: string;
  /** The side of its squares at the most. */
  largest?: number;
  /** How many rows from the top are crossed out, since the working was begun again below them. */
  crossedOut?: number;
  onSquare?: (index: number) => void;
  onKeyDown?: (event: KeyboardEvent) => void;
};

const smallest = 26;
const usuallyLargest = 72;

/** A paper that somebody writes on: its squares stay where they are whatever is written. */
export function WritingSheet(props: Props) {
  const { paper, there, at, next, marked } = props;
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const gridId = useId();
  const across = size.width / (paper.columns + 1.4);
  const down = size.height / (paper.rows + 1);
  const side = Math.max(smallest, Math.min(props.largest ?? usuallyLargest, across, down));
  const columns = Math.max(Math.floor(size.width / side), paper.columns + 1);
  const rows = Math.max(Math.ceil(size.height / side), paper.rows + 1);
  const left = Math.max(0, Math.floor((columns - paper.columns) / 2));
  const top = Math.max(0, Math.min(1, Math.floor((rows - paper.rows) / 2)));
  const visible = useMemo(() => [...printed(paper, there), ...marksOf(paper, there)], [paper, there]);

  const square = at === undefined ? undefined : paper.squares[at];
  const smallSquare = square?.smallAt === undefined ? square : paper.squares[square.smallAt];
  const comesNext = next === undefined ? undefined : paper.squares[next];

  const room = size.width;
  useEffect(() => {
    if (frame.current && square && room > 0) {
      keepInSight(frame.current, (left + square.column) * side, (top + square.row) * side, side);
    }
  }, [square, room, left, top, side]);

  const press = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const column = Math.floor((event.clientX - box.left) / side) - left;
    const row = Math.floor((event.clientY - box.top) / side) - top;
    const index = paper.squares.findIndex(
      (square) => square.row === row && square.column <= column && column <= square.toColumn,
    );
    if (index >= 0) {
      props.onSquare?.(index);
    }
  };

  return (
    <div
      ref={frame}
      className="writing-sheet"
      tabIndex={0}
      data-testid="writing"
      role="group"
      aria-label={`Paper to write on: ${props.name}`}
      aria-describedby={props.describedBy}
      onKeyDown={props.onKeyDown}
    >
      {size.width > 0 && (
        <svg
          width={Math.max(size.width, columns * side)}
          height={rows * side}
          aria-hidden
          style={{ display: 'block' }}
          onPointerDown={press}
        >
          <defs>
            <pattern id={gridId} width={side} height={side} patternUnits="userSpaceOnUse">
              <path d={`M ${side} 0 H 0 V ${side}`} fill="none" stroke={ink.grid} />
            </pattern>
          </defs>
          <rect width="100%" height="100%" fill={`url(#${gridId})`} />
          <g transform={`scale(${side}) translate(${left} ${top})`}>
            {paper.squares.map((square, index) => (
              <rect
                key={index}
                data-square={square.name}
                x={square.column + 0.03}
                y={square.row + 0.03}
                width={square.toColumn - square.column + 0.94}
                height={0.94}
                fill={index === at ? ink.amber : ink.page}
                opacity={index === at ? 1 : square.given === undefined ? 0.8 : 0}
              />
            ))}
            {comesNext && <Frame square={comesNext} dashed />}
            <Marks visible={visible} fresh={[]} />
            <OddFigures paper={paper} there={there} />
            {props.crossedOut !== undefined && (
              <CrossedOut marks={visible.filter((mark) => mark.row < (props.crossedOut ?? 0))} />
            )}
            {square && <Frame square={square} />}
            {props.small && smallSquare && <SmallSign square={smallSquare} />}
            {marked?.figures.map((figure, index) => {
              const its = paper.squares.find((each) => inSquare(figure, each));
              const first = marked.first;
              return (
                its && (
                  <VerdictSign
                    key={index}
                    figure={figure}
                    square={its}
                    rung={
                      first !== undefined &&
                      inSquare(first, its) &&
                      first.anchor === figure.anchor &&
                      (first.kind === 'strike') === (figure.kind === 'strike')
                    }
                  />
                )
              );
            })}
          </g>
        </svg>
      )}
    </div>
  );
}

/** Moves a sheet that is larger than its frame, so that a square is seen with one more on each side of it. */
function keepInSight(frame: HTMLElement, x: number, y: number, side: number) {
  const within = (from: number, room: number, start: number) =>
    Math.max(from + 2 * side - room, Math.min(start, from - side));
  frame.scrollLeft = within(x, frame.clientWidth, frame.scrollLeft);
  frame.scrollTop = within(y, frame.clientHeight, frame.scrollTop);
}

/** A stroke through all that stands of a working. */
function CrossedOut({ marks }: { marks: SheetMark[] }) {
  const columns = marks.flatMap((mark) => [mark.column, mark.toColumn ?? mark.column]);
  const rows = marks.map((mark) => mark.row);
  return (
    <line
      x1={Math.min(...columns)}
      y1={Math.max(...rows) + 1}
      x2={Math.max(...columns) + 1}
      y2={Math.min(...rows)}
      stroke={ink.ink}
      strokeWidth={0.06}
    />
  );
}

function Frame({ square, dashed = false }: { square: Schemas['SquareView']; dashed?: boolean }) {
  return (
    <rect
      x={square.column + 0.04}
      y={square.row + 0.04}
      width={square.toColumn - square.column + 0.92}
      height={0.92}
      fill="none"
      stroke={ink.amberDeep}
      strokeWidth={0.06}
      strokeDasharray={dashed ? '0.14 0.1' : undefined}
    />
  );
}

/** Where the next small figure will stand. */
function SmallSign({ square }: { square: Schemas['SquareView'] }) {
  return (
    <rect
      x={square.column + 0.24}
      y={square.row + 0.24}
      width={0.52}
      height={0.52}
      fill="none"
      stroke={ink.plum}
      strokeWidth={0.06}
    />
  );
}

/** A sign over figures that are written in mirror image. */
function OddFigures({ paper, there }: { paper: Schemas['PaperView']; there: Map<string, Figure> }) {
  return [...there.entries()].map(([key, figure]) => {
    const square =
      figure.kind === 'mirror' ? paper.squares.find((each) => inSquare(figure, each)) : undefined;
    return (
      square && (
        <text
          key={key}
          x={square.column + 0.86}
          y={square.row + 0.3}
          fontSize={0.3}
          fontFamily={digits}
          textAnchor="middle"
          fill={ink.plum}
        >
          ⇋
        </text>
      )
    );
  });
}
