import { ink } from '../app/ink';

type Props = {
  right: boolean;
  alone: boolean;
  /** Which of the slips it is; none where nothing is known. */
  slip?: number;
  size: number;
};

/** The strokes by which up to three slips are told apart without colour; those beyond share a dot. */
const strokes = ['M0 1 1 0', 'M0 0 1 1', 'M0 .5H1M.5 0V1'];

/** An answer as a small square: filled where it was right, with its slip's stroke where one is known. */
export function StepSquare({ right, alone, slip, size }: Props) {
  const known = slip !== undefined;
  const colour = known ? ink.plum : ink.ink;
  if (right) {
    return alone ? (
      <rect width={size} height={size} fill={ink.ink} />
    ) : (
      <path d={`M0 ${size}V0L${size} ${size}Z`} fill={ink.faint} />
    );
  }
  return (
    <g opacity={alone ? 1 : 0.6}>
      <rect
        x={0.6}
        y={0.6}
        width={size - 1.2}
        height={size - 1.2}
        fill={ink.sheet}
        stroke={colour}
        strokeWidth={1.2}
      />
      {known && slip < strokes.length && (
        <path
          d={strokes[slip]}
          transform={`translate(.6 .6) scale(${size - 1.2})`}
          stroke={colour}
          strokeWidth={1.6 / size}
          fill="none"
        />
      )}
      {known && slip >= strokes.length && <circle cx={size / 2} cy={size / 2} r={size / 6} fill={colour} />}
    </g>
  );
}

/** The same by itself, for a legend. */
export function StepSign(props: Omit<Props, 'size'>) {
  return (
    <svg width={12} height={12} aria-hidden>
      <StepSquare {...props} size={12} />
    </svg>
  );
}
