import type { Schemas } from '../api/client';
import { digits, ink } from '../app/theme';

type Props = {
  step: Schemas['StepView'];
  marks: Schemas['MarkView'][];
  /** What the class has answered so far, digit by digit. */
  typed: string;
  /** Whether the last digit does not belong there. */
  wrong: boolean;
};

const figures = ['digit', 'number'];
const notAsked = ['given', 'padding', 'frame'];

/** The squares of a step that is asked for, empty but for what has been answered. */
export function EmptyBoxes({ step, marks, typed, wrong }: Props) {
  const asked = step.marks
    .map((index) => marks[index])
    .filter((mark) => mark !== undefined)
    .filter((mark) => figures.includes(mark.kind) && !notAsked.includes(mark.role));
  return (
    <>
      {asked.map((mark, i) => {
        const from = asked.slice(0, i).reduce((length, before) => length + before.text.length, 0);
        const answered = typed.slice(from, from + mark.text.length);
        const width = (mark.toColumn ?? mark.column) - mark.column + 1;
        const isWrong = wrong && answered !== '' && from + mark.text.length >= typed.length;
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
