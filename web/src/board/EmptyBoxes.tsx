import { digits, ink } from '../app/ink';
import type { Asked } from './asking';

type Props = {
  asked: Asked[];
  /** What the class has answered so far, digit by digit. */
  typed: string;
  /** Whether the last digit does not belong there. */
  wrong: boolean;
};

/** The squares that are asked for, empty but for what has been answered. */
export function EmptyBoxes({ asked, typed, wrong }: Props) {
  return (
    <>
      {asked.map(({ mark, keys }, i) => {
        const from = asked.slice(0, i).reduce((length, before) => length + before.keys.length, 0);
        const answered = typed.slice(from, from + keys.length);
        const width = (mark.toColumn ?? mark.column) - mark.column + 1;
        const isWrong = wrong && answered !== '' && from + keys.length >= typed.length;
        return (
          <g key={i}>
            <rect
              x={mark.column + 0.06}
              y={mark.row + 0.06}
              width={width - 0.12}
              height={0.88}
              fill={ink.amber}
              stroke={isWrong ? ink.wrong : ink.amberDeep}
              strokeWidth={0.05}
              strokeDasharray="0.13 0.1"
            />
            <text
              x={mark.column + width / 2}
              y={mark.row + 0.76}
              fontFamily={digits}
              fontSize={0.72}
              textAnchor="middle"
              fill={isWrong ? ink.wrong : ink.ink}
              textDecoration={isWrong ? 'line-through' : undefined}
            >
              {answered}
            </text>
          </g>
        );
      })}
    </>
  );
}
