import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';

type Props = {
  figure: Schemas['MarkedView'];
  square: Schemas['SquareView'];
  /** Whether it is the first that went wrong. */
  rung: boolean;
};

const signs: Record<string, { sign: string; colour: string }> = {
  right: { sign: '✓', colour: ink.right },
  wrong: { sign: '✗', colour: ink.wrong },
  follows: { sign: '→', colour: ink.right },
  unclear: { sign: '?', colour: ink.plum },
};

/** What is said of a figure, in a corner of its square: told apart by shape as well as by colour. */
export function VerdictSign({ figure, square, rung }: Props) {
  const known = signs[figure.verdict];
  const small = figure.anchor !== 'middle' || !square.full;
  const width = square.toColumn - square.column;
  if (figure.verdict === 'missing') {
    return (
      <rect
        x={square.column + 0.2}
        y={square.row + 0.2}
        width={width + 0.6}
        height={0.6}
        fill="none"
        stroke={ink.faint}
        strokeWidth={0.045}
        strokeDasharray="0.05 0.1"
      />
    );
  }
  if (!known || (small && figure.verdict === 'right')) {
    return null;
  }
  return (
    <g data-verdict={figure.verdict}>
      {rung && (
        <ellipse
          data-testid="ring"
          cx={square.column + (width + 1) / 2}
          cy={square.row + 0.5}
          rx={(width + 1) / 2 - 0.03}
          ry={0.49}
          fill="none"
          stroke={ink.wrong}
          strokeWidth={0.06}
        />
      )}
      <text
        x={square.toColumn + 0.82}
        y={square.row + 0.91}
        fontFamily={digits}
        fontWeight={700}
        fontSize={0.3}
        textAnchor="middle"
        fill={known.colour}
      >
        {known.sign}
      </text>
    </g>
  );
}
