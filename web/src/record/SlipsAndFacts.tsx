import { Box } from '@mui/material';
import { digits, ink } from '../app/theme';
import { factInWords } from './factInWords';
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
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '230px 150px minmax(0, 1fr)' },
            gap: 2,
            borderTop: `1px solid ${ink.hair}`,
            py: 1,
            alignItems: 'start',
          }}
        >
          <SlipName slip={slip} />
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
        Facts that are shaky
      </Box>
      {record.facts.length === 0 && <Box sx={{ color: ink.faint }}>No fact was missed.</Box>}
      <Box
        component="table"
        sx={{ borderCollapse: 'collapse', '& td': { pr: 3, py: 0.4, borderTop: `1px solid ${ink.hair}` } }}
      >
        <tbody>
          {record.facts.map((fact) => (
            <tr key={fact.fact}>
              <Box component="td" sx={{ font: `700 17px ${digits}`, whiteSpace: 'nowrap' }}>
                {factInWords(fact.fact)}
              </Box>
              <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
                {fact.pupils.length === 1 ? 'one pupil' : `${fact.pupils.length} pupils`}
              </Box>
              <Box component="td" sx={{ color: ink.faint }}>
                {fact.pupils
                  .map((pupil) => `${pupil.pupil}${pupil.missed > 1 ? ` ${pupil.missed} times` : ''}`)
                  .join(' · ')}
              </Box>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
