import type { Schemas } from '../api/client';
import { ink } from '../app/ink';

type Props = { worked: Schemas['WorkResponse']; step: number; ringed: boolean; struck: boolean };

/** The ring round the square where a rule was broken first, and the strokes that cross the working out. */
export function MistakeMarks({ worked, step, ringed, struck }: Props) {
  const { sheet, steps } = worked;
  const ring = steps.find((each) => each.n <= step && each.ring !== undefined)?.ring;
  const first = ring === undefined ? undefined : sheet.marks[ring];
  const written = sheet.marks.filter((mark) => mark.step <= step && mark.kind === 'digit');
  const rows = 1 + Math.max(0, ...written.map((mark) => mark.row));
  return (
    <g fill="none" stroke={ink.wrong} strokeLinecap="round">
      {ringed && first && (
        <ellipse
          cx={first.column + 0.5}
          cy={first.row + 0.5}
          rx={0.66}
          ry={0.6}
          strokeWidth={0.07}
          data-testid="ring"
        />
      )}
      {struck && (
        <path
          d={`M -0.4 ${rows} L ${sheet.columns + 0.2} -0.2 M -0.4 -0.2 L ${sheet.columns + 0.2} ${rows}`}
          strokeWidth={0.06}
          data-testid="struck"
        />
      )}
    </g>
  );
}
