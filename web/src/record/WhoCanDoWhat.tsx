import { Box, useMediaQuery } from '@mui/material';
import { Link, useLocation, useSearchParams } from 'react-router';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { ClassPicture } from './ClassPicture';
import { OnePupil, PagesOfPupil } from './OnePupil';
import { usePupilRecord, type ClassRecord } from './useRecords';

/** The class's picture and, where there is room for it, the record of one of its pupils beside it. */
export function WhoCanDoWhat({ record }: { record: ClassRecord }) {
  const room = useMediaQuery('(min-width: 1700px)');
  const [search] = useSearchParams();
  const { hash } = useLocation();
  if (!room || record.rungs.length === 0) {
    return (
      <ClassPicture
        record={record}
        to={(pupil, rung) => ({ pathname: `/pupils/${pupil}`, hash: rung && `#${rung}` })}
      />
    );
  }
  const asked = Number(search.get('pupil'));
  const chosen = (record.pupils.find((row) => row.pupil.id === asked) ?? record.pupils[0])?.pupil.id;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, max-content) minmax(480px, 1fr)',
        columnGap: 5,
        alignItems: 'start',
      }}
    >
      <ClassPicture
        record={record}
        chosen={chosen}
        to={(pupil, rung) => ({ search: `?part=picture&pupil=${pupil}`, hash: rung && `#${rung}` })}
      />
      {chosen !== undefined && <Beside key={`${chosen} ${hash}`} id={chosen} opened={hash.slice(1)} />}
    </Box>
  );
}

function Beside({ id, opened }: { id: number; opened: string }) {
  const record = usePupilRecord(id);
  const { data } = record;
  return (
    <Box
      component="section"
      aria-label={data ? `What ${data.pupil.name} can do` : 'One pupil'}
      sx={{
        borderLeft: `1px solid ${ink.hair}`,
        pl: 3,
        position: 'sticky',
        top: 12,
        maxHeight: 'calc(100dvh - 24px)',
        overflow: 'auto',
      }}
    >
      <Trouble message={record.error?.message} />
      {!data && !record.isError && 'Fetching the record …'}
      {data && (
        <>
          <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2, flexWrap: 'wrap' }}>
            <Box component="h2" sx={{ m: 0, fontSize: 24 }}>
              <Link to={`/pupils/${id}`}>{data.pupil.name}</Link>
            </Box>
            <PagesOfPupil id={id} />
          </Box>
          <OnePupil record={data} opened={opened} heading="h3" />
        </>
      )}
    </Box>
  );
}
