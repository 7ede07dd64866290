import { Box, Button } from '@mui/material';
import { useState } from 'react';
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
            gridTemplateColumns: {
              xs: 'minmax(0, 1fr)',
              sm: '210px minmax(0, 1fr)',
              md: '200px 180px 210px minmax(0, 1fr)',
            },
            gap: 2,
            borderTop: `1px solid ${ink.hair}`,
            py: 1,
            alignItems: 'start',
          }}
        >
          <SlipName slip={slip} />
          <SlipThumb slip={slip.slip} operation={slip.operation} name={slip.name} />
          <WeekBars weeks={slip.weeks} name={slip.name} />
          <WhoMadeIt pupils={slip.pupils} name={slip.name} />
        </Box>
      ))}
      <Box component="h2" sx={{ fontSize: 19, m: '22px 0 4px' }}>
        Facts
      </Box>
      <FactsPicture whose={{ class: record.id }} name={record.name} />
    </Box>
  );
}

/** How many are told of at first. */
const fewGroups = 4;

/** Those with the same to be said of them stand together. */
function WhoMadeIt({ pupils, name }: { pupils: ClassRecord['slips'][number]['pupils']; name: string }) {
  const [all, setAll] = useState(false);
  const groups = [...new Set(pupils.map(({ say }) => say))].map(
    (say) => [say, pupils.filter((pupil) => pupil.say === say)] as const,
  );
  return (
    <Box sx={{ fontSize: 15 }}>
      {groups.slice(0, all ? undefined : fewGroups).map(([say, group]) => (
        <Box key={say} sx={{ mb: 0.5 }}>
          {group.map(({ pupil }) => pupil).join(', ')}{' '}
          <Box component="span" sx={{ color: ink.faint }}>
            {say}
          </Box>
        </Box>
      ))}
      {groups.length > fewGroups && (
        <Button
          sx={{ p: 0 }}
          aria-expanded={all}
          aria-label={`${all ? 'Fewer' : `All ${pupils.length}`}: ${name}`}
          onClick={() => setAll(!all)}
        >
          {all ? 'Fewer' : `All ${pupils.length}`}
        </Button>
      )}
    </Box>
  );
}
