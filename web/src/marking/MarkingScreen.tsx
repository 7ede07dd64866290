import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { Tabs } from '../app/Tabs';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { ClassPanel } from './ClassPanel';
import { FindingDialog, type Opened } from './FindingDialog';
import { GridPanel } from './GridPanel';
import { PilePanel } from './PilePanel';
import { TakeIn } from './TakeIn';
import { dropAll } from './queue';
import { useDayOfWork, useLineForms, useMarking, usePile, type Form, type Marking } from './useMarking';

/** A pile of papers: marked one at a time or all at once, and what they show. */
export function MarkingScreen() {
  const id = Number(useParams().id);
  const marking = useMarking(id);
  const forms = useLineForms();
  const { waiting } = usePile(id);
  const trouble = marking.error ?? forms.error;
  if (trouble) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={trouble.message} />
        <Box sx={{ mt: 2 }}>
          <Link to="/marking">To the piles</Link>
        </Box>
        {waiting.length > 0 && (
          <Box sx={{ mt: 2 }}>
            What you typed for it is not kept: {waiting.map((entry) => entry.says).join(' · ')}.{' '}
            <Button variant="outlined" onClick={() => dropAll(id)}>
              Let it go
            </Button>
          </Box>
        )}
      </Box>
    );
  }
  // What is typed before it is known what can be typed would be refused for no reason.
  return marking.data && forms.data ? (
    <Pile marking={marking.data} forms={forms.data} />
  ) : (
    <Box sx={{ p: 4 }}>Fetching the pile …</Box>
  );
}

const views = ['pile', 'grid', 'class'] as const;
type View = (typeof views)[number];

function Pile({ marking, forms }: { marking: Marking; forms: Form[] }) {
  const [address, setAddress] = useSearchParams();
  const view = views.find((each) => each === address.get('view')) ?? 'pile';
  // Kept here too: the address follows a moment later than the next key.
  const [pupil, setPupil] = useState(Number(address.get('pupil')));
  const at = Math.max(
    0,
    marking.papers.findIndex((paper) => paper.pupil.id === pupil),
  );
  // A reload, Back and what comes back from the board lead to where one was.
  const go = (change: Record<string, string>, replace: boolean) =>
    setAddress((before) => ({ ...Object.fromEntries(before), ...change }), { replace });
  const [opened, setOpened] = useState<Opened>();
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' } }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2.5, flexWrap: 'wrap', mb: 1 }}>
        <Box component="h1" sx={{ m: 0, fontSize: 24 }}>
          {marking.title}
        </Box>
        <Box sx={{ color: ink.faint }}>
          {marking.className} · {marking.sheets[0]?.questions.length ?? 0} questions
        </Box>
        <DayOfWork marking={marking} />
        <Link to={`/marking/${marking.id}/key`}>Key to print</Link>
        <Link to={`/marking/${marking.id}/strips`}>Strips</Link>
        <Link to={`/marking/${marking.id}/marks`}>Marks</Link>
        <Link to={`/marking/${marking.id}/scans`}>Scanned pages</Link>
        <TakeIn id={marking.id} />
        <Box sx={{ ml: 'auto' }}>
          <Tabs<View>
            label="View of the pile"
            value={view}
            options={[
              { id: 'pile', label: 'Paper by paper' },
              { id: 'grid', label: 'All at once' },
              { id: 'class', label: 'What it shows' },
            ]}
            onChange={(chosen) => go({ view: chosen }, false)}
          />
        </Box>
      </Box>
      {view === 'pile' && (
        <PilePanel
          marking={marking}
          forms={forms}
          at={at}
          onGo={(to) => {
            const chosen = marking.papers[to]?.pupil.id ?? pupil;
            setPupil(chosen);
            go({ pupil: String(chosen) }, true);
          }}
          onOpen={setOpened}
        />
      )}
      {view === 'grid' && <GridPanel marking={marking} forms={forms} />}
      {view === 'class' && <ClassPanel marking={marking} />}
      {opened && <FindingDialog opened={opened} onClose={() => setOpened(undefined)} />}
    </Box>
  );
}

/** The day the papers were written, from which it is counted how long a skill is kept. */
function DayOfWork({ marking }: { marking: Marking }) {
  const keep = useDayOfWork(marking.id);
  return (
    <Box component="label" sx={{ color: ink.faint, fontSize: 15 }}>
      written on{' '}
      <Box
        component="input"
        type="date"
        value={marking.workedOn}
        onChange={(event) => event.target.value && keep.mutate(event.target.value)}
        sx={{
          font: 'inherit',
          color: ink.ink,
          border: 0,
          borderBottom: `1px solid ${ink.faint}`,
          bgcolor: 'transparent',
          '&:focus-within': { outline: `3px solid ${ink.amberDeep}`, outlineOffset: 2 },
        }}
      />
      <Trouble message={keep.error?.message} />
    </Box>
  );
}
