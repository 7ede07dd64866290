import { Box } from '@mui/material';
import { ink } from '../app/ink';
import { FactsPicture } from '../glance/FactsPicture';
import { SlipThumb } from '../glance/SlipThumb';
import type { ClassRecord } from './useRecords';
import { SlipName } from './SlipName';
import { WeekBars } from './WeekBars';

/** The slips of a class through the weeks, and the facts that are shaky. */
export function SlipsAndFacts({ record }: { record: ClassRecord }) {
  return (
    <Box sx={{ maxWidth: 1040 }}>
      <Box component="h2" sx={{ fontSize: 19, m: '4px 0' }}>
        Slips through the weeks
      </Box>
      {record.slips.length === 0 && <Box sx={{ color: ink.faint }}>No slip has been seen yet.</Box>}
      {record.slips.map((slip) => (
        <Box
          key={`${slip.operation} ${slip.slip}`}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '200px 250px 150px minmax(0, 1fr)' },
            gap: 2,
            borderTop: `1px solid ${ink.hair}`,
            py: 1,
            alignItems: 'start',
          }}
        >
          <SlipName slip={slip} />
          <SlipThumb slip={slip.slip} operation={slip.operation} name={slip.name} />
          <WeekBars weeks={slip.weeks} name={slip.name} />
          <Box sx={{ fontSize: 15 }}>
            {slip.pupils.map((pupil) => (
              <Box component="span" key={pupil.pupil} sx={{ mr: 2, display: 'inline-block' }}>
                {pupil.pupil}{' '}
                <Box component="span" sx={{ color: ink.faint }}>
                  {pupil.say}
                </Box>
              </Box>
            ))}
          </Box>
        </Box>
      ))}
      <Box component="h2" sx={{ fontSize: 19, m: '22px 0 4px' }}>
        Facts
      </Box>
      <FactsPicture whose={{ class: record.id }} name={record.name} />
    </Box>
  );
}
