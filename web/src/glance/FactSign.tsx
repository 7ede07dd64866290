import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';

type Props = { state: Schemas['FactSquare']['state']; said?: string; size: number };

/** How a fact is known, drawn in its square; told apart without colour. */
export function FactSign({ state, said, size }: Props) {
  const half = size / 2;
  return (
    <svg width={size} height={size} aria-hidden style={{ display: 'block' }}>
      <rect
        width={size}
        height={size}
        fill={state === 'wrong' ? ink.plum : state === 'not-met' ? ink.page : ink.sheet}
        stroke={ink.hair}
      />
      {state === 'known' && (
        <path d={`M${half - 5} ${half}l4 5 7 -10`} fill="none" stroke={ink.right} strokeWidth={1.9} />
      )}
      {state === 'seldom' && <circle cx={half} cy={half} r={1.8} fill={ink.right} />}
      {state === 'shaky' && <path d={`M0 ${size}L${size} 0V${size}Z`} fill={ink.plum} />}
      {state === 'wrong' && (
        <text
          x={half}
          y={half + 5}
          textAnchor="middle"
          fontFamily={digits}
          fontWeight={700}
          fontSize={(said?.length ?? 0) > 2 ? 10 : 13}
          fill={ink.sheet}
        >
          {said}
        </text>
      )}
    </svg>
  );
}

/** How many of a class miss a fact: the number, on a ground that fills as they are more. */
export function MissingSign({ missing, met, size }: { missing: number; met: number; size: number }) {
  const full = (size * missing) / Math.max(1, met);
  return (
    <svg width={size} height={size} aria-hidden style={{ display: 'block' }}>
      <rect width={size} height={size} fill={ink.sheet} />
      <rect y={size - full} width={size} height={full} fill={ink.plum} opacity={0.35} />
      <text
        x={size / 2}
        y={size / 2 + 5}
        textAnchor="middle"
        fontFamily={digits}
        fontWeight={700}
        fontSize={14}
        fill={ink.ink}
      >
        {missing}
      </text>
    </svg>
  );
}
