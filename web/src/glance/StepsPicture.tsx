import { Box, Button } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useEffect, useRef, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { dayInWords } from '../app/timeInWords';
import { ink } from '../app/ink';
import { useWide } from '../app/useWide';
import { Legend } from './Legend';
import { StepSign, StepSquare } from './StepSquare';
import type { Steps } from './useGlance';

type Props = {
  steps: Steps;
  name: string;
  /** What stands before a line: its rung, or its pupil. */
  head: (line: Steps['lines'][number]) => ReactNode;
  onUntil: (day: string) => void;
};

const day = 17;
const square = 8;
const step = square + 1;
/** Answers of a day stand in so many columns, and in no more rows than this. */
const across = 2;
const mostDown = 6;
const least = 34;
const top = 16;
const namedSlips = 3;

/** How many letters of a title go on one line before its row, where there is room and on a phone. */
const lettersWide = 21;
const lettersNarrow = 12;
const lineOfTitle = 17;

const down = (nth: number) => Math.floor(nth / across);
const heightOf = (line: Steps['lines'][number], letters: number) =>
  Math.max(
    least,
    lineOfTitle * Math.ceil(line.title.length / letters) + 12,
    Math.min(mostDown, 1 + Math.max(0, ...line.answers.map(({ nth }) => down(nth)))) * step + 16,
  );

const hasSomething = (line: Steps['lines'][number]) =>
  line.answers.length > 0 || line.asked.length > 0 || line.said !== undefined;

/** Answers through eight weeks, a line for each rung or for each pupil; where it was secure is underlined. */
export function StepsPicture({ steps, name, head, onUntil }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const width = steps.days * day;
  // What is latest is looked at first, where not all fits.
  useEffect(() => {
    frame.current?.scrollTo({ left: width });
  }, [width, steps.from]);
  const letters = useWide() ? lettersWide : lettersNarrow;
  const lines = steps.lines.filter(hasSomething);
  const quiet = steps.lines.filter((line) => !hasSomething(line));
  const heights = lines.map((line) => heightOf(line, letters));
  const tops = heights.map((_, i) => top + heights.slice(0, i).reduce((sum, height) => sum + height, 0));
  const height = top + heights.reduce((sum, each) => sum + each, 0) + 4;
  return (
    <Box component="figure" aria-label={name} sx={{ m: 0 }}>
      <Signs steps={steps} />
      <Box sx={{ display: 'flex' }}>
        <Box sx={{ width: { xs: 104, sm: 190 }, flex: 'none', pt: `${top}px` }}>
          {lines.map((line, i) => (
            <Box
              key={line.rung + line.pupil}
              sx={{
                height: heights[i],
                display: 'flex',
                alignItems: 'flex-end',
                pb: '9px',
                pr: 1,
                lineHeight: 1.15,
                fontSize: { xs: 14, sm: 15 },
                overflow: 'hidden',
              }}
            >
              {head(line)}
            </Box>
          ))}
        </Box>
        <Box
          ref={frame}
          sx={{ overflowX: 'auto', minWidth: 0 }}
          tabIndex={0}
          role="group"
          aria-label={`${name}, day by day`}
        >
          <svg width={width} height={height} aria-hidden style={{ display: 'block' }}>
            {steps.weeks.map(({ at, monday }) => (
              <g key={monday} transform={`translate(${at * day} 0)`}>
                <path d={`M.5 4V${height}`} stroke={ink.hair} />
                <text x={4} y={12} fontSize={12} fill={ink.faint}>
                  {dayInWords(monday).replace(/^\S+ /, '')}
                </text>
              </g>
            ))}
            {lines.map((line, i) => (
              <g
                key={line.rung + line.pupil}
                transform={`translate(0 ${(tops[i] ?? 0) + (heights[i] ?? 0) - 9})`}
              >
                <Line line={line} width={width} height={heights[i] ?? 0} />
              </g>
            ))}
          </svg>
        </Box>
      </Box>
      <Box component="ul" sx={visuallyHidden}>
        {steps.lines.map((line) => (
          <li key={line.rung + line.pupil}>{line.say}</li>
        ))}
      </Box>
      {quiet.length > 0 && (
        <Box aria-hidden sx={{ color: ink.faint, fontSize: 15, mt: 0.5 }}>
          {lines.length === 0 ? 'No answer in these weeks' : 'None in these weeks'}:{' '}
          {quiet.map(({ title }) => title).join(' · ')}
        </Box>
      )}
      {(steps.before ?? steps.after) && (
        <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
          <Button disabled={!steps.before} onClick={() => steps.before && onUntil(steps.before)}>
            ← The weeks before
          </Button>
          <Button disabled={!steps.after} onClick={() => steps.after && onUntil(steps.after)}>
            The weeks after →
          </Button>
        </Box>
      )}
    </Box>
  );
}

/** A line from its foot upwards. */
function Line({ line, width, height }: { line: Steps['lines'][number]; width: number; height: number }) {
  const navigate = useNavigate();
  return (
    <>
      <path d={`M0 2.5H${width}`} stroke={ink.hair} />
      {line.secure.map(({ at, until }) => (
        <path key={at} d={`M${at * day} 3.5H${until * day}`} stroke={ink.right} strokeWidth={4} />
      ))}
      {line.asked.map((at) => (
        <path
          key={at}
          d={`M${at * day} 6V${14 - height}`}
          stroke={ink.amberDeep}
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      ))}
      {line.said && (
        <path
          d={`M${line.said.at * day + 2} ${4 - least / 2}l4 5 8 -12`}
          fill="none"
          stroke={ink.plum}
          strokeWidth={2.4}
        />
      )}
      {line.answers
        .filter(({ nth }) => down(nth) < mostDown)
        .map((answer, i) => (
          <g
            key={i}
            transform={`translate(${answer.at * day + (answer.nth % across) * step} ${-step * (down(answer.nth) + 1)})`}
            onClick={() => void navigate(`/marking/${answer.marking}?pupil=${line.pupil}`)}
            cursor="pointer"
          >
            <title>{answer.say}</title>
            <StepSquare right={answer.right} alone={answer.alone} slip={answer.slip} size={square} />
          </g>
        ))}
    </>
  );
}

function Signs({ steps }: { steps: Steps }) {
  const answers = steps.lines.flatMap((line) => line.answers);
  const signs = [
    { sign: <StepSign right alone />, means: 'right' },
    ...steps.slips
      .slice(0, namedSlips)
      .map(({ name }, i) => ({ sign: <StepSign right={false} alone slip={i} />, means: name })),
  ];
  if (steps.slips.length > namedSlips) {
    signs.push({ sign: <StepSign right={false} alone slip={namedSlips} />, means: 'another slip' });
  }
  if (answers.some(({ right, slip }) => !right && slip === undefined)) {
    signs.push({ sign: <StepSign right={false} alone />, means: 'wrong, here and there' });
  }
  if (answers.some(({ alone }) => !alone)) {
    signs.push({ sign: <StepSign right alone={false} />, means: 'with help' });
  }
  if (steps.lines.some(({ secure }) => secure.length > 0)) {
    signs.push({ sign: <Stroke d="M0 6H24" colour={ink.right} width={4} />, means: 'secure' });
  }
  if (steps.lines.some(({ asked }) => asked.length > 0)) {
    signs.push({ sign: <Stroke d="M12 0V12" colour={ink.amberDeep} dashed />, means: 'asked again' });
  }
  if (steps.lines.some(({ said }) => said)) {
    signs.push({ sign: <Stroke d="M5 7l4 4 8 -10" colour={ink.plum} />, means: 'as you said' });
  }
  return <Legend signs={signs} />;
}

function Stroke({
  d,
  colour,
  width = 2,
  dashed,
}: {
  d: string;
  colour: string;
  width?: number;
  dashed?: boolean;
}) {
  return (
    <svg width={24} height={12} aria-hidden>
      <path
        d={d}
        stroke={colour}
        strokeWidth={width}
        strokeDasharray={dashed ? '3 2' : undefined}
        fill="none"
      />
    </svg>
  );
}
