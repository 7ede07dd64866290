import { Box } from '@mui/material';
import { ink } from '../app/ink';
import type { Group } from '../plan/usePlan';
import { initials } from './initials';

type Props = {
  groups: Group[];
  /** How long a lesson is. */
  minutes: number;
};

/** A lesson as one sees it from a metre away: its groups, filled where you are; the rule in each is as long as its sheet takes. */
export function DayBars({ groups, minutes }: Props) {
  return (
    <Box aria-hidden sx={{ display: 'grid', gap: '5px', mt: 0.75, mb: 0.5 }}>
      {groups.map((group) => {
        const joins = new Set(group.seats.filter(({ why }) => why === 'joins').map(({ pupil }) => pupil));
        const colour = group.withYou ? ink.sheet : ink.ink;
        return (
          <Box
            key={group.key}
            sx={{
              p: '5px 7px 6px',
              border: `1.5px solid ${group.withYou ? ink.spine : ink.ink}`,
              bgcolor: group.withYou ? ink.spine : ink.sheet,
              color: colour,
            }}
          >
            <Box sx={{ fontWeight: 650, fontSize: 15, lineHeight: 1.2 }}>{group.shortTitle}</Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '3px', my: '4px' }}>
              {group.pupils.map((pupil) => (
                <Box
                  key={pupil.id}
                  title={pupil.name}
                  sx={{
                    border: `1px ${joins.has(pupil.id) ? 'dashed' : 'solid'} currentColor`,
                    px: '4px',
                    fontSize: 12,
                    lineHeight: 1.35,
                  }}
                >
                  {initials(pupil.name)}
                </Box>
              ))}
            </Box>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, fontSize: 12, lineHeight: 1 }}>
              <svg width="100%" height={6} style={{ flex: 1 }}>
                <path d="M0 3H10000" stroke={colour} strokeWidth={1} opacity={0.35} />
                <rect
                  width={`${(100 * Math.min(minutes, group.minutes)) / minutes}%`}
                  height={6}
                  fill={colour}
                />
              </svg>
              <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
                {group.minutes} min
              </Box>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
