import { Box, Button } from '@mui/material';
import { PageWithAside } from '../app/PageWithAside';
import { StepChooser } from '../lesson/StepChooser';
import { NextLessons } from '../today/WantsNext';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { BringBack, useDeleting } from '../app/BringBack';
import { Field } from '../app/Field';
import { FileButton } from '../app/FileButton';
import { ink } from '../app/ink';
import { Tick } from '../app/Tick';
import { Trouble } from '../app/Trouble';
import { emptySet } from './emptySet';
import { SetTable } from './SetTable';
import { useDeleteSet, useNewSet, useRestoreSet, useSetList, useTakeSetIn } from './useSets';

/** Every practice set: make one, find one, take one in. */
export function SetsScreen() {
  const [search, setSearch] = useState('');
  const [archived, setArchived] = useState(false);
  const sets = useSetList(search, archived);
  const make = useNewSet();
  const takeIn = useTakeSetIn();
  const remove = useDeleteSet();
  const restore = useRestoreSet();
  const { deletedNow, onDelete } = useDeleting(remove, restore);
  const navigate = useNavigate();
  const open = (id: number) => navigate(`/sets/${id}`);
  const begin = () => make.mutate(emptySet(), { onSuccess: (made) => open(made.id) });
  const fault = sets.error ?? make.error ?? takeIn.error ?? remove.error ?? restore.error;

  return (
    <PageWithAside
      name="What comes next"
      aside={
        <>
          <NextLessons />
          <StepChooser />
        </>
      }
    >
      <Box component="h1" sx={{ m: '0 0 14px' }}>
        Practice sets
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-end', flexWrap: 'wrap', mb: 1 }}>
        <Button variant="contained" onClick={begin}>
          New set
        </Button>
        <FileButton
          variant="outlined"
          text="Read CSV or JSON in"
          label="File with questions"
          accept=".csv,.json,text/csv,application/json"
          onFile={(file) => takeIn.mutate(file, { onSuccess: (taken) => open(taken.id) })}
        />
        <Box sx={{ width: 260, ml: { md: 'auto' }, '& > div': { mb: 0 } }}>
          <Field label="Search title, class or problem" value={search} onChange={setSearch} />
        </Box>
        <Tick label="archived" checked={archived} onChange={setArchived} />
      </Box>
      {fault && <FileTrouble faults={fault.faults.map((each) => each.message)} />}
      <BringBack what="sets" deletedNow={deletedNow} restore={restore} />
      {sets.data?.length === 0 ? (
        <Box component="p" sx={{ color: ink.faint, mt: 4, fontSize: 18 }}>
          {search
            ? 'No set matches. Search for less.'
            : archived
              ? 'Nothing is archived.'
              : 'There is no set yet. Press “New set”, choose a step, and draw the questions.'}
        </Box>
      ) : (
        <SetTable sets={sets.data ?? []} onDelete={onDelete} />
      )}
    </PageWithAside>
  );
}

/** What is wrong with a file, line by line. */
function FileTrouble({ faults }: { faults: string[] }) {
  return (
    <Box sx={{ maxHeight: 180, overflow: 'auto' }}>
      {faults.map((fault) => (
        <Trouble key={fault} message={fault} />
      ))}
    </Box>
  );
}
