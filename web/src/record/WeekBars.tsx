import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { ink } from '../app/ink';

const widest = 17;
/** Of how many weeks the bars keep their width; those of a year are as wide together. */
const weeksOfFullWidth = 12;
/** Bars nearer to each other leave no room for a number below each. */
const leastForNumber = 14;

/** How often a slip was seen, a bar a week: the whole bar is the answers, the filled part those with the slip. */
export function WeekBars({ weeks, name }: { weeks: Schemas['WeekView'][]; name: string }) {
  const most = Math.max(1, ...weeks.map((week) => week.of));
  const height = 34;
  const step = Math.min(widest, (widest * weeksOfFullWidth) / Math.max(1, weeks.length));
  const bar = step * 0.76;
  const said = weeks.map((week) => `week of ${week.monday}: ${week.seen} of ${week.of}`).join('; ');
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`${name}, week by week. ${said}.`}
      width={weeks.length * step + 2}
      height={height + 12}
      sx={{ display: 'block' }}
    >
      {weeks.map((week, index) => {
        const all = (week.of / most) * height;
        const seen = (week.seen / most) * height;
        return (
          <g key={week.monday} transform={`translate(${index * step + 1} 0)`}>
            <title>{`week of ${week.monday}: ${week.seen} of ${week.of}`}</title>
            <rect x="0" y={height - all} width={bar} height={all} fill="none" stroke={ink.faint} />
            <rect x="0" y={height - seen} width={bar} height={seen} fill={ink.plum} />
            {step >= leastForNumber && (
              <text x={bar / 2} y={height + 10} fontSize="9.5" textAnchor="middle" fill={ink.faint}>
                {week.seen}
              </text>
            )}
          </g>
        );
      })}
    </Box>
  );
}
