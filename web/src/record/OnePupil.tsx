import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { ink } from '../app/ink';
import { FactsPicture } from '../glance/FactsPicture';
import { PupilSteps } from '../glance/PupilSteps';
import { SlipThumb } from '../glance/SlipThumb';
import { RungOfPupil } from './RungOfPupil';
import { SlipName } from './SlipName';
import type { PupilRecord } from './useRecords';
import { WeekBars } from './WeekBars';

type Props = {
  record: PupilRecord;
  /** The rung that is shown with all that it rests on; none where it is empty. */
  opened: string;
  /** What its parts are headed by. */
  heading: 'h2' | 'h3';
};

/** What one pupil can do, with everything it rests on; it uses the room that it is given. */
export function OnePupil({ record, opened, heading }: Props) {
  const { pupil, rungs, slips } = record;
  return (
    <Box sx={{ containerType: 'inline-size' }}>
      {rungs.length > 0 && (
        <Part heading={heading} title="Week by week">
          <PupilSteps id={pupil.id} name={pupil.name} />
        </Part>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { '@': 'minmax(0, 1fr)', '@1400': 'minmax(0, 1080px) minmax(0, 1fr)' },
          columnGap: 5,
          alignItems: 'start',
        }}
      >
        <Part heading={heading} title="Step by step">
          {rungs.length === 0 && !record.besides && (
            <Box sx={{ color: ink.faint }}>Nothing of {pupil.name} is marked yet.</Box>
          )}
          {rungs.map((rung) => (
            <RungOfPupil key={rung.rung.id} rung={rung} record={record} opened={opened === rung.rung.id} />
          ))}
          {record.besides && (
            <Box sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75 }}>{record.besides}</Box>
          )}
          <Box sx={{ color: ink.faint, fontSize: 14, mt: 1.5, maxWidth: 820 }}>{record.rule}</Box>
        </Part>
        <Box sx={{ minWidth: 0 }}>
          {slips.length > 0 && (
            <Part heading={heading} title="Slips through the weeks">
              {slips.map((slip) => (
                <SlipOfPupil key={`${slip.operation} ${slip.slip}`} slip={slip} />
              ))}
            </Part>
          )}
          {rungs.length > 0 && (
            <Part heading={heading} title="Facts">
              <FactsPicture whose={{ pupil: pupil.id }} name={pupil.name} />
            </Part>
          )}
        </Box>
      </Box>
    </Box>
  );
}

/** The pages that are made of a pupil's work. */
export function PagesOfPupil({ id }: { id: number }) {
  return (
    <>
      <Link to={`/pupils/${id}/report`}>Page for a talk with parents</Link>
      <Link to={`/pupils/${id}/work`}>Work to judge together</Link>
    </>
  );
}

function Part({ heading, title, children }: { heading: 'h2' | 'h3'; title: string; children: ReactNode }) {
  return (
    <Box sx={{ containerType: 'inline-size', minWidth: 0 }}>
      <Box component={heading} sx={{ fontSize: 19, m: '16px 0 4px' }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}

function SlipOfPupil({ slip }: { slip: PupilRecord['slips'][number] }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          '@': 'minmax(0, 1fr)',
          '@500': '200px minmax(0, 1fr)',
          '@860': '200px 180px 210px minmax(0, 1fr)',
        },
        gap: 2,
        borderTop: `1px solid ${ink.hair}`,
        py: 1,
      }}
    >
      <SlipName slip={slip} />
      <SlipThumb slip={slip.slip} operation={slip.operation} name={slip.name} problem={slip.shownIn} />
      <WeekBars weeks={slip.weeks} name={slip.name} />
      <Box>
        {slip.say}.<Box sx={{ color: ink.faint, fontSize: 15 }}>{slip.help}</Box>
      </Box>
    </Box>
  );
}
