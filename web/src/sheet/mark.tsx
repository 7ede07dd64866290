import type { Schemas } from '../api/client';
import { digits, ink } from '../app/theme';

export type SheetMark = Schemas['MarkView'];

/** Those whose time it is once a step has been written. */
export const visibleAt = (marks: SheetMark[], step: number) =>
  marks.filter((mark) => mark.step <= step && (mark.until === undefined || mark.until > step));

/** Where in its square a mark's text stands (fractions of a square), and how it is aligned. */
const anchors: Record<string, { x: number; y: number; align: 'middle' | 'start' | 'end' }> = {
  middle: { x: 0.5, y: 0.5, align: 'middle' },
  low: { x: 0.5, y: 0.72, align: 'middle' },
  high: { x: 0.5, y: 0.28, align: 'middle' },
  before: { x: 0.05, y: 0.5, align: 'start' },
  'before-high': { x: 0.03, y: 0.26, align: 'start' },
  'before-low': { x: 0.04, y: 0.76, align: 'start' },
  after: { x: 1, y: 0.66, align: 'middle' },
};
const middle = { x: 0.5, y: 0.5, align: 'middle' } as const;

/** Height of the text, in squares. */
const heights: Record<string, number> = { full: 0.76, small: 0.42, tiny: 0.32 };

/** By role; a slip's marks look like any other, so that a class can look for them. */
const colours: Record<string, string> = {
  given: ink.ink,
  padding: ink.faint,
  written: ink.ink,
  carry: ink.plum,
  exchange: ink.plum,
  jot: ink.faint,
  frame: ink.ink,
};

type Props = { mark: SheetMark; fresh: boolean };

/** One mark, drawn in squares: the SVG around it scales a square to its size. */
export function Mark({ mark, fresh }: Props) {
  switch (mark.kind) {
    case 'wash':
      return (
        <rect
          x={mark.column}
          y={mark.row}
          width={1}
          height={(mark.toRow ?? mark.row) - mark.row + 1}
          fill={ink.amber}
          opacity={0.75}
        />
      );
    case 'rule':
      return (
        <line
          x1={mark.column - 0.1}
          x2={(mark.toColumn ?? mark.column) + 1.1}
          y1={mark.row}
          y2={mark.row}
          stroke={ink.ink}
          strokeWidth={0.05}
        />
      );
    case 'strike':
      return <Strike mark={mark} />;
    case 'underline':
    case 'side':
    case 'line':
    case 'arrow':
      return <Stroke mark={mark} />;
    case 'box':
      return <Box mark={mark} />;
    case 'bracket':
      return (
        <path
          d={`M ${mark.column + 1.02} ${mark.row} q 0.22 0.5 0 1`}
          fill="none"
          stroke={ink.ink}
          strokeWidth={0.05}
        />
      );
    case 'arc':
      return <Arc mark={mark} />;
    default:
      return <Text mark={mark} fresh={fresh} />;
  }
}

const strokes = {
  underline: { colour: ink.amberDeep, width: 0.07 },
  side: { colour: ink.ink, width: 0.03 },
  line: { colour: ink.plum, width: 0.04 },
  arrow: { colour: ink.faint, width: 0.035 },
};

/** A straight line: under squares, down a column's edge, or from one square to another. */
function Stroke({ mark }: { mark: SheetMark }) {
  const { colour, width } = strokes[mark.kind as keyof typeof strokes];
  const toRow = mark.toRow ?? mark.row;
  const toColumn = mark.toColumn ?? mark.column;
  const ends = {
    underline: [mark.column + 0.14, mark.row + 0.93, toColumn + 0.86, mark.row + 0.93],
    side: [mark.column, mark.row, mark.column, toRow + 1],
    line: [mark.column + 0.5, mark.row + 0.95, toColumn + 0.5, toRow + 0.08],
    arrow: [mark.column + 0.5, mark.row + 0.98, toColumn + 0.5, toRow + 0.06],
  }[mark.kind as keyof typeof strokes];
  const [x1, y1, x2, y2] = ends;
  return (
    <g stroke={colour} strokeWidth={width} fill="none" strokeLinecap="round">
      <line x1={x1} y1={y1} x2={x2} y2={y2} />
      {mark.kind === 'arrow' && <path d={`M ${toColumn + 0.38} ${toRow - 0.08} l 0.12 0.14 l 0.12 -0.14`} />}
    </g>
  );
}

function Box({ mark }: { mark: SheetMark }) {
  return (
    <rect
      x={mark.column + 0.08}
      y={mark.row + 0.08}
      width={0.84}
      height={0.84}
      fill="none"
      stroke={ink.amberDeep}
      strokeWidth={0.05}
      strokeDasharray="0.12 0.09"
    />
  );
}

/** From the middle of one square over to the middle of another. */
function Arc({ mark }: { mark: SheetMark }) {
  const from = mark.column + 0.5;
  const to = (mark.toColumn ?? mark.column) + 0.5;
  const foot = mark.anchor === 'low' ? mark.row + 1 : mark.row + 0.06;
  return (
    <path
      d={`M ${from} ${foot} C ${from} ${foot - 0.95} ${to} ${foot - 0.95} ${to} ${foot}`}
      fill="none"
      stroke={ink.plum}
      strokeWidth={0.045}
    />
  );
}

function Strike({ mark }: { mark: SheetMark }) {
  const at = anchors[mark.anchor] ?? middle;
  const reach = (heights[mark.size] ?? 0.4) * 0.48;
  const x = mark.column + at.x + (at.align === 'start' ? reach * 0.6 : 0);
  const y = mark.row + at.y;
  return (
    <line
      x1={x - reach}
      x2={x + reach}
      y1={y + reach}
      y2={y - reach}
      stroke={ink.plum}
      strokeWidth={0.045}
      strokeLinecap="round"
    />
  );
}

function Text({ mark, fresh }: Props) {
  const at = anchors[mark.anchor] ?? middle;
  const height = heights[mark.size] ?? 0.76;
  const label = mark.kind === 'label';
  const middleOfSpan =
    mark.kind === 'number' ? (mark.column + (mark.toColumn ?? mark.column) + 1) / 2 : undefined;
  const crowded = mark.size === 'tiny' && mark.text.length > 3 && !label;
  return (
    <text
      x={middleOfSpan ?? (label ? mark.column + 0.1 : mark.column + at.x)}
      y={mark.row + at.y + height * 0.36}
      fontFamily={digits}
      fontSize={crowded ? Math.min(height, 1.7 / mark.text.length) : height}
      fontWeight={fresh && mark.kind === 'digit' ? 700 : 400}
      textAnchor={label ? 'start' : at.align}
      fill={
        mark.kind === 'head' || (label && mark.size === 'tiny')
          ? ink.faint
          : (colours[mark.role] ?? (mark.size === 'small' ? ink.plum : ink.ink))
      }
    >
      {mark.text}
    </text>
  );
}

/** The frame round a figure of a result that was just written. */
export function Fresh({ mark }: { mark: SheetMark }) {
  return (
    <rect
      x={mark.column + 0.05}
      y={mark.row + 0.05}
      width={0.9}
      height={0.9}
      fill="none"
      stroke={ink.amberDeep}
      strokeWidth={0.045}
    />
  );
}
