import { Box } from '@mui/material';
import { Link, useParams, useSearchParams } from 'react-router';
import { Tabs } from '../app/Tabs';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { ClassSteps } from '../glance/ClassSteps';
import { Stairs } from '../glance/Stairs';
import { NamesPanel } from '../classes/NamesPanel';
import { PlanPanel } from '../plan/PlanPanel';
import { OpenedPanel } from '../screens/OpenedPanel';
import { SlipsAndFacts } from './SlipsAndFacts';
import { useClassRecord } from './useRecords';
import { WhoCanDoWhat } from './WhoCanDoWhat';

const parts = [
  { id: 'picture', label: 'Who can do what' },
  { id: 'steps', label: 'Week by week' },
  { id: 'slips', label: 'Slips and facts' },
  { id: 'plan', label: 'The week' },
  { id: 'screens', label: 'At screens' },
  { id: 'names', label: 'Names' },
] as const;
type Part = (typeof parts)[number]['id'];

/** A class: what everybody can do, what still shows, what comes next, and who is in it. */
export function ClassScreen() {
  const id = Number(useParams().id);
  const [search, setSearch] = useSearchParams();
  const part = parts.find((each) => each.id === search.get('part'))?.id ?? 'picture';
  const record = useClassRecord(id);
  if (record.isError) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={record.error.message} /> <Link to="/classes">To the classes</Link>
      </Box>
    );
  }
  if (!record.data) {
    return <Box sx={{ p: 4 }}>Working the record out …</Box>;
  }
  const shown = record.data.pupils.length === 0 && part !== 'names' ? 'nobody' : part;
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' } }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2.5, flexWrap: 'wrap', mb: 1.25 }}>
        <Box component="h1" sx={{ m: 0 }}>
          {record.data.name}
        </Box>
        <Box sx={{ color: ink.faint }}>
          {record.data.pupils.length === 1 ? '1 pupil' : `${record.data.pupils.length} pupils`}
        </Box>
        <Link to={`/classes/${id}/report`}>Report</Link>
        <Link to={`/classes/${id}/stand-in`}>Page for a stand-in</Link>
        <Link to={`/classes/${id}/next-teacher`}>Pages for the next teacher</Link>
        <Box sx={{ ml: 'auto' }}>
          <Tabs<Part>
            label={`Parts of ${record.data.name}`}
            value={part}
            options={[...parts]}
            onChange={(next) => setSearch({ part: next })}
          />
        </Box>
      </Box>
      {shown === 'nobody' && (
        <Box sx={{ color: ink.faint, fontSize: 18, mt: 2 }}>
          Nobody is in this class yet. First <Link to="?part=names">type the short names of its pupils</Link>.
        </Box>
      )}
      {shown === 'picture' && (
        <>
          <Stairs classId={id} />
          <WhoCanDoWhat record={record.data} />
        </>
      )}
      {shown === 'steps' && <ClassSteps id={id} name={record.data.name} />}
      {shown === 'slips' && <SlipsAndFacts record={record.data} />}
      {shown === 'plan' && <PlanPanel classId={id} />}
      {shown === 'screens' && <OpenedPanel classId={id} />}
      {shown === 'names' && <NamesPanel classId={id} />}
    </Box>
  );
}
