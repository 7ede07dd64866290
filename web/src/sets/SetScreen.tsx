import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Tabs } from '../app/Tabs';
import { Trouble } from '../app/Trouble';
import { DesignPanel } from './DesignPanel';
import { PrintPanel } from './PrintPanel';
import { QuestionTable } from './QuestionTable';
import { RehearsePanel } from './RehearsePanel';
import { LiveSheet } from './LiveSheet';
import { SetCounts } from './SetCounts';
import { OtherWindow } from './OtherWindow';
import { SetHead } from './SetHead';
import { TellingPanel } from './TellingPanel';
import { useLadders, useSet, type Ladder, type SetView } from './useSets';
import { twoColumns } from './twoColumns';
import { useSetEditor } from './useSetEditor';

const tabs = [
  { id: 'questions', label: 'Questions' },
  { id: 'telling', label: 'Telling slips apart' },
  { id: 'rehearse', label: 'Rehearse' },
  { id: 'print', label: 'Print' },
] as const;

/** One practice set: its questions, how they are printed, and which slips they tell apart. */
export function SetScreen() {
  const id = Number(useParams().id);
  const set = useSet(id);
  const ladders = useLadders();
  const fault = set.error ?? ladders.error;
  if (fault) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={fault.message} />
      </Box>
    );
  }
  if (!set.data || !ladders.data) {
    return <Box sx={{ p: 4 }}>Fetching the set …</Box>;
  }
  return <OneSet key={id} view={set.data} ladders={ladders.data} />;
}

function OneSet({ view, ladders }: { view: SetView; ladders: Ladder[] }) {
  const editor = useSetEditor(view);
  const [tab, setTab] = useState<(typeof tabs)[number]['id']>('questions');
  return (
    <Box
      sx={{
        p: { xs: '10px 12px', md: '16px 28px 0' },
        height: { md: '100%' },
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr)',
        gridTemplateRows: 'auto auto minmax(0, 1fr)',
        position: 'relative',
      }}
    >
      <Box component="h1" sx={visuallyHidden}>
        {editor.content.title || 'Set without a title'}
      </Box>
      <SetHead editor={editor} />
      {editor.keep.theirs && <OtherWindow editor={editor} theirs={editor.keep.theirs} />}
      <Box
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', flexWrap: 'wrap' }}
      >
        <Tabs label="Parts of the set" value={tab} options={[...tabs]} onChange={setTab} />
        <SetCounts editor={editor} />
      </Box>
      <Box sx={{ minHeight: 0, mt: 1.5 }}>
        {tab === 'questions' && (
          <Box
            sx={{
              ...twoColumns,
              gridTemplateColumns: { ...twoColumns.gridTemplateColumns, xl: '292px minmax(0, 1fr) 460px' },
              '& > *': { overflow: 'auto', minHeight: 0 },
            }}
          >
            <DesignPanel editor={editor} ladders={ladders} />
            <QuestionTable editor={editor} />
            <LiveSheet editor={editor} />
          </Box>
        )}
        {tab === 'telling' && <TellingPanel editor={editor} />}
        {tab === 'rehearse' && <RehearsePanel editor={editor} />}
        {tab === 'print' && <PrintPanel editor={editor} />}
      </Box>
    </Box>
  );
}
