import { memo } from 'react';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { heightOf, placeOf, type Geometry } from './geometry';

export type SheetMark = Schemas['MarkView'];

/** Those whose time it is once a step has been written. */
export const visibleAt = (marks: SheetMark[], step: number) =>
  marks.filter((mark) => mark.step <= step && (mark.until === undefined || mark.until > step));

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

type Props = { mark: SheetMark; geometry: Geometry; fresh?: boolean };

/**
 * One mark, drawn in squares: the SVG around it scales a square to its size. It is drawn anew only when it changes, since a step puts
 * few marks beside hundreds.
 */
export const Mark = memo(function Mark({ mark, geometry, fresh = false }: Props) {
  if (mark.role === 'missing') {
    return null;
  }
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
    case 'strike':
      return <Strike mark={mark} geometry={geometry} />;
    case 'rule':
    case 'underline':
    case 'side':
    case 'line':
    case 'arrow':
    case 'group':
    case 'rule-below':
      return <Stroke mark={mark} geometry={geometry} />;
    case 'double-rule':
      return (
        <>
          <Stroke mark={mark} geometry={geometry} />
          <g transform={`translate(0 ${geometry.rulesApart})`}>
            <Stroke mark={mark} geometry={geometry} />
          </g>
        </>
      );
    case 'frame':
    case 'ring':
      return <Frame mark={mark} geometry={geometry} />;
    case 'box':
      return <Box mark={mark} />;
    case 'bracket':
      return (
        <path
          d={`M ${mark.column + geometry.bracket} ${mark.row} q ${geometry.bracketBend} 0.5 0 1`}
          fill="none"
          stroke={ink.ink}
          strokeWidth={0.05}
        />
      );
    case 'arc':
      return <Arc mark={mark} geometry={geometry} />;
    default:
      return <Text mark={mark} geometry={geometry} fresh={fresh} />;
  }
});

const strokes = {
  rule: { colour: ink.ink, width: 0.05 },
  'rule-below': { colour: ink.ink, width: 0.05 },
  'double-rule': { colour: ink.ink, width: 0.05 },
  underline: { colour: ink.amberDeep, width: 0.07 },
  side: { colour: ink.ink, width: 0.03 },
  line: { colour: ink.plum, width: 0.04 },
  group: { colour: ink.faint, width: 0.04 },
  arrow: { colour: ink.faint, width: 0.035 },
};

/** A straight line: over or under squares, down a column's edge, or from one square to another. */
function Stroke({ mark, geometry }: Props) {
  const { colour, width } = strokes[mark.kind as keyof typeof strokes];
  const ends = geometry.strokes[mark.kind];
  if (!ends) {
    return null;
  }
  const x = (mark.toColumn ?? mark.column) + ends.toX;
  const y = (mark.toRow ?? mark.row) + ends.toY;
  const head = geometry.arrowHead;
  return (
    <g
      stroke={colour}
      strokeWidth={width}
      fill="none"
      strokeLinecap={mark.kind === 'rule' ? 'butt' : 'round'}
    >
      <line x1={mark.column + ends.fromX} y1={mark.row + ends.fromY} x2={x} y2={y} />
      {mark.kind === 'arrow' && (
        <path d={`M ${x - head} ${y - head} L ${x} ${y} L ${x + head} ${y - head}`} />
      )}
    </g>
  );
}

/** A line all round squares; a ring is round at its ends. */
function Frame({ mark, geometry }: Props) {
  const inset = mark.kind === 'ring' ? 0 : geometry.frameInset;
  return (
    <rect
      x={mark.column + inset}
      y={mark.row + inset}
      width={(mark.toColumn ?? mark.column) - mark.column + 1 - 2 * inset}
      height={1 - 2 * inset}
      rx={mark.kind === 'ring' ? geometry.ringRadius : 0}
      fill="none"
      stroke={ink.ink}
      strokeWidth={0.05}
    />
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
function Arc({ mark, geometry }: Props) {
  const from = mark.column + 0.5;
  const to = (mark.toColumn ?? mark.column) + 0.5;
  const foot = mark.row + (mark.anchor === 'low' ? geometry.arcLow : geometry.arcHigh);
  return (
    <path
      d={`M ${from} ${foot} Q ${(from + to) / 2} ${foot - geometry.arcRise} ${to} ${foot}`}
      fill="none"
      stroke={ink.plum}
      strokeWidth={0.045}
    />
  );
}

function Strike({ mark, geometry }: Props) {
  const at = placeOf(geometry, mark.anchor);
  const reach = heightOf(geometry, mark.size) * geometry.strikeReach;
  const x = mark.column + at.x + (at.begins ? reach * geometry.strikeShift : 0);
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

function Text({ mark, geometry, fresh }: Props) {
  const at = placeOf(geometry, mark.anchor);
  const height = heightOf(geometry, mark.size);
  const label = mark.kind === 'label';
  const middleOfSpan =
    mark.kind === 'number' ? (mark.column + (mark.toColumn ?? mark.column) + 1) / 2 : undefined;
  const crowded = mark.size === 'tiny' && mark.text.length > 3 && !label;
  return (
    <text
      x={middleOfSpan ?? mark.column + (label ? geometry.labelIndent : at.x)}
      y={mark.row + at.y + height * geometry.foot}
      fontFamily={digits}
      fontSize={crowded ? Math.min(height, 1.7 / mark.text.length) : height}
      fontWeight={fresh && mark.kind === 'digit' ? 700 : 400}
      textAnchor={label || at.begins ? 'start' : 'middle'}
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
