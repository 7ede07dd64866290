import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Select } from '../app/Select';
import { ShowMore } from '../app/ShowMore';
import { Tick } from '../app/Tick';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useSetList } from '../sets/useSets';
import { PupilsAddress } from './PupilsAddress';
import { useOpenAtScreens, usePupilsAddress, useSessions } from './useScreens';

/** Opens a set for the class at screens, and lists what was opened. */
export function OpenedPanel({ classId }: { classId: number }) {
  const sets = useSetList('', false);
  const sessions = useSessions(classId);
  const address = usePupilsAddress();
  const open = useOpenAtScreens();
  const navigate = useNavigate();
  const [setId, setSetId] = useState('');
  const [led, setLed] = useState(false);
  const [chosenDigits, setAsksDigits] = useState<boolean>();
  // As soon as other devices reach Bemble somebody else could pick a name.
  const asksDigits = chosenDigits ?? address.data?.address !== undefined;
  const own = sessions.lines ?? [];
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 900px)', xl: 'minmax(0, 900px) minmax(0, 700px)' },
        columnGap: 6,
        alignItems: 'start',
      }}
    >
      <Box>
        <Box sx={{ m: '0 0 8px', maxWidth: 720 }}>
          Pupils type the set’s code and pick their name; they see their own questions and nothing else.{' '}
          <PupilsAddress then="on any device of the school’s network." />
        </Box>
        <Box sx={{ display: 'flex', gap: 3, alignItems: 'flex-end', flexWrap: 'wrap' }}>
          <Box sx={{ width: 320 }}>
            <Select
              label="Set"
              value={setId}
              options={[
                { id: '', label: 'Choose a set' },
                ...(sets.data?.map((set) => ({ id: String(set.id), label: set.title })) ?? []),
              ]}
              onChange={setSetId}
            />
          </Box>
          <Tick label="Show which square comes next" checked={led} onChange={setLed} />
          <Tick label="Three digits go with each name" checked={asksDigits} onChange={setAsksDigits} />
          <Button
            variant="contained"
            disabled={!setId || open.isPending}
            onClick={() =>
              open.mutate(
                { classId, setId: Number(setId), led, asksDigits },
                { onSuccess: (session) => navigate(`/screens/${session.id}`) },
              )
            }
          >
            Open it
          </Button>
        </Box>
        {sets.data?.length === 0 && (
          <Box sx={{ color: ink.faint, mt: 1 }}>
            There is no set yet. <Link to="/sets">Make one</Link> first, or take a sheet from the week.
          </Box>
        )}
        <Trouble message={open.error?.message ?? sets.error?.message ?? sessions.error?.message} />
      </Box>
      <Box>
        <Box component="h2" sx={{ fontSize: 19, m: { xs: '20px 0 4px', xl: '0 0 4px' } }}>
          Opened before
        </Box>
        {own.length === 0 && <Box sx={{ color: ink.faint }}>Nothing yet.</Box>}
        {own.map((each) => (
          <Box
            key={each.id}
            sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75, display: 'flex', gap: 2, flexWrap: 'wrap' }}
          >
            <Link to={`/screens/${each.id}`}>{each.title}</Link>
            <span>{each.ended ? 'ended' : `open, code ${each.code}`}</span>
            <Box component="span" sx={{ color: ink.faint }}>
              {each.in} of {each.of} came in, {each.handedIn} handed in
            </Box>
          </Box>
        ))}
        {own.length > 0 && <ShowMore shown={own.length} total={sessions.total} more={sessions.more} />}
      </Box>
    </Box>
  );
}
