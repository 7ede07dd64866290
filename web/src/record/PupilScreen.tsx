import { Box } from '@mui/material';
import { Link, useLocation, useParams } from 'react-router';
import { Trouble } from '../app/Trouble';
import { OnePupil, PagesOfPupil } from './OnePupil';
import { usePupilRecord } from './useRecords';

/** A page for what one pupil can do. */
export function PupilScreen() {
  const id = Number(useParams().id);
  const record = usePupilRecord(id);
  const { hash } = useLocation();
  if (record.isError) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={record.error.message} /> <Link to="/classes">To the classes</Link>
      </Box>
    );
  }
  if (!record.data) {
    return <Box sx={{ p: 4 }}>Fetching the record …</Box>;
  }
  const { data } = record;
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' } }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ m: 0 }}>
          {data.pupil.name}
        </Box>
        <Link to={`/classes/${data.classId}`}>{data.className}</Link>
        <PagesOfPupil id={id} />
      </Box>
      <OnePupil record={data} opened={hash.slice(1)} heading="h2" />
    </Box>
  );
}
