import type { Schemas } from '../api/client';
import { ink } from '../app/theme';

type Props = { sheet: Schemas['SheetView']; step: number; ringed: boolean; struck: boolean };

/** The ring round the square where a working first goes wrong, and the strokes that cross it out. */
export function MistakeMarks({ sheet, step, ringed, struck }: Props) {
  const written = sheet.marks.filter((mark) => mark.step <= step && mark.kind === 'digit');
  const first =
    written.find((mark) => mark.role === 'wrong') ?? written.find((mark) => mark.role === 'follows');
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
