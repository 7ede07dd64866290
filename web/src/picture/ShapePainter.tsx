import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';

type Shape = Schemas['ShapeView'];

const hair = 0.09;

const fills: Record<string, string> = {
  plain: ink.sheet,
  fresh: ink.amber,
  gone: 'none',
  faint: 'none',
};

/** Draws one thing of a picture by its kind. */
export function ShapePainter({ shape }: { shape: Shape }) {
  const gone = shape.tone === 'gone';
  return (
    <g style={{ transform: `translate(${shape.x}px, ${shape.y}px)` }} opacity={gone ? 0.8 : 1}>
      {draw(shape)}
      {gone && shape.kind !== 'text' && (
        <path
          d={`M -0.2 ${shape.height + 0.2} L ${shape.width + 0.2} -0.2`}
          stroke={ink.wrong}
          strokeWidth={hair * 2}
        />
      )}
    </g>
  );
}

function draw(shape: Shape) {
  const { width, height, tone } = shape;
  const outline = {
    fill: fills[tone] ?? ink.sheet,
    stroke: tone === 'faint' ? ink.hair : ink.ink,
    strokeWidth: hair,
  };
  switch (shape.kind) {
    case 'unit':
      return <rect width={width} height={height} {...outline} />;
    case 'rod':
      return (
        <>
          <rect width={width} height={height} {...outline} />
          <path d={lines(10, (i) => `M 0 ${i} h ${width}`)} stroke={ink.ink} strokeWidth={hair / 2} />
        </>
      );
    case 'flat':
      return (
        <>
          <rect width={width} height={height} {...outline} />
          <path
            d={lines(10, (i) => `M 0 ${i} h ${width} M ${i} 0 v ${height}`)}
            stroke={ink.ink}
            strokeWidth={hair / 3}
            opacity={0.6}
          />
        </>
      );
    case 'cube':
      return (
        <>
          <path d={`M 0 0 l 2 -2 h ${width} v ${height} l -2 2 M ${width} 0 l 2 -2`} {...outline} />
          <rect width={width} height={height} {...outline} strokeWidth={hair * 2} />
        </>
      );
    case 'round':
      return (
        <ellipse cx={width / 2} cy={height / 2} rx={width / 2} ry={height / 2} {...counter(tone, ink.ink)} />
      );
    case 'square':
      return <rect width={width} height={height} {...counter(tone, ink.right)} />;
    case 'pointed':
      return (
        <path d={`M 0 ${height} L ${width / 2} 0 L ${width} ${height} Z`} {...counter(tone, ink.plum)} />
      );
    case 'outline':
      return (
        <rect
          width={width}
          height={height}
          {...outline}
          fill="none"
          strokeDasharray={tone === 'fresh' ? '0.8 0.5' : undefined}
        />
      );
    case 'area':
      return (
        <>
          <rect width={width} height={height} {...outline} stroke={ink.ink} />
          <text
            x={width / 2}
            y={height / 2 + shape.size * 0.35}
            fontFamily={digits}
            fontSize={shape.size}
            textAnchor="middle"
            fill={ink.ink}
          >
            {shape.text}
          </text>
        </>
      );
    case 'line':
      return <line x2={width} y2={height} stroke={ink.ink} strokeWidth={hair * 2} />;
    case 'jump':
      return (
        <path
          d={`M 0 ${height} Q ${width / 2} ${-height} ${width} ${height}`}
          fill="none"
          stroke={tone === 'fresh' ? ink.plum : tone === 'faint' ? ink.faint : ink.ink}
          strokeWidth={hair * (tone === 'fresh' ? 4 : 2)}
          strokeDasharray={tone === 'faint' ? '0.8 0.6' : undefined}
        />
      );
    default:
      return (
        <text
          fontFamily={digits}
          fontSize={shape.size}
          textAnchor="middle"
          fontWeight={tone === 'fresh' ? 700 : 400}
          fill={tone === 'faint' ? ink.faint : tone === 'fresh' ? ink.plum : ink.ink}
          textDecoration={tone === 'gone' ? 'line-through' : undefined}
        >
          {shape.text}
        </text>
      );
  }
}

function counter(tone: string, colour: string) {
  return {
    fill: tone === 'gone' || tone === 'faint' ? 'none' : tone === 'fresh' ? ink.amber : colour,
    stroke: colour,
    strokeWidth: hair * 2,
    // What comes from nowhere.
    strokeDasharray: tone === 'faint' ? '0.4 0.3' : undefined,
  };
}

function lines(count: number, line: (i: number) => string) {
  return Array.from({ length: count - 1 }, (_, i) => line(i + 1)).join(' ');
}
