import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { ink } from '../app/ink';

/** How often a slip was seen, a bar a week: the whole bar is the answers, the filled part those with the slip. */
export function WeekBars({ weeks, name }: { weeks: Schemas['WeekView'][]; name: string }) {
  const most = Math.max(1, ...weeks.map((week) => week.of));
  const height = 34;
  const said = weeks.map((week) => `week of ${week.monday}: ${week.seen} of ${week.of}`).join('; ');
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`${name}, week by week. ${said}.`}
      width={weeks.length * 17 + 2}
      height={height + 12}
      sx={{ display: 'block' }}
    >
      {weeks.map((week, index) => {
        const all = (week.of / most) * height;
        const seen = (week.seen / most) * height;
        return (
          <g key={week.monday} transform={`translate(${index * 17 + 1} 0)`}>
            <title>{`week of ${week.monday}: ${week.seen} of ${week.of}`}</title>
            <rect x="0" y={height - all} width="13" height={all} fill="none" stroke={ink.faint} />
            <rect x="0" y={height - seen} width="13" height={seen} fill={ink.plum} />
            <text x="6.5" y={height + 10} fontSize="9.5" textAnchor="middle" fill={ink.faint}>
              {week.seen}
            </text>
          </g>
        );
      })}
    </Box>
  );
}
