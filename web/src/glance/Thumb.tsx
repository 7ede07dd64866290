import { useId, type ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { MistakeMarks } from '../board/MistakeMarks';
import { ink } from '../app/ink';
import { visibleAt } from '../sheet/mark';
import { Marks } from '../sheet/Marks';

type Props = { worked: Schemas['WorkResponse']; name: string; ringed?: boolean };

const square = 17;
const mostAcross = 16;

/** A whole working on a paper of a thumb's size, ringed where a rule was broken first. */
export function Thumb({ worked, name, ringed = false }: Props) {
  const grid = useId();
  const last = worked.steps.findLast((step) => step.part === 'work')?.n ?? 1;
  const visible = visibleAt(worked.sheet.marks, last).filter((mark) => mark.kind !== 'wash');
  const { row, column, rows, columns } = worked.sheet.work;
  // A very long one is drawn smaller rather than wider.
  const scale = square * Math.min(1, mostAcross / (columns + 1));
  return (
    <svg
      role="img"
      aria-label={name}
      width={(columns + 1) * scale}
      height={(rows + 0.8) * scale}
      viewBox={`${column - 0.5} ${row - 0.4} ${columns + 1} ${rows + 0.8}`}
      style={{ display: 'block', maxWidth: '100%' }}
    >
      <Squared id={grid}>
        <rect x={column - 0.5} y={row - 0.4} width={columns + 1} height={rows + 0.8} fill={ink.sheet} />
        <rect x={column - 0.5} y={row - 0.4} width={columns + 1} height={rows + 0.8} fill={`url(#${grid})`} />
      </Squared>
      <Marks visible={visible} fresh={[]} />
      {ringed && <MistakeMarks worked={worked} step={last} ringed struck={false} />}
    </svg>
  );
}

function Squared({ id, children }: { id: string; children: ReactNode }) {
  return (
    <>
      <defs>
        <pattern id={id} width={1} height={1} patternUnits="userSpaceOnUse">
          <path d="M1 0H0V1" fill="none" stroke={ink.grid} strokeWidth={0.06} />
        </pattern>
      </defs>
      {children}
    </>
  );
}
