import { Box, Button } from '@mui/material';
import { PageWithAside } from '../app/PageWithAside';
import { NextLessons } from '../today/WantsNext';
import { useState } from 'react';
import { Link } from 'react-router';
import { BringBack, useDeleting } from '../app/BringBack';
import { FileButton } from '../app/FileButton';
import { HowFar } from '../app/HowFar';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { ClassForm } from './ClassForm';
import { NewClass } from './NewClass';
import {
  useClasses,
  useDeleteClass,
  useRestoreClass,
  useTakeClassOver,
  type SchoolClass,
} from './useClasses';

/** The classes with the short names of their pupils. */
export function ClassesScreen() {
  const classes = useClasses();
  const remove = useDeleteClass();
  const restore = useRestoreClass();
  const { deletedNow, onDelete } = useDeleting(remove, restore);
  const takeOver = useTakeClassOver();
  const [edited, setEdited] = useState<SchoolClass | 'new'>();
  return (
    <PageWithAside name="What comes next" aside={<NextLessons />}>
      <Box component="h1" sx={{ m: '0 0 14px' }}>
        Classes
      </Box>
      <Trouble message={(classes.error ?? remove.error ?? restore.error)?.message} />
      <BringBack what="classes" deletedNow={deletedNow} restore={restore} />
      {edited === undefined && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" onClick={() => setEdited('new')}>
            New class
          </Button>
          <FileButton
            variant="outlined"
            text="Take a class over from JSON"
            label="Class as JSON"
            accept=".json,application/json"
            disabled={takeOver.isPending}
            onFile={(file) => takeOver.mutate(file)}
          />
        </Box>
      )}
      <HowFar job={takeOver.job} what="Taking the class over" />
      {takeOver.error?.faults.map((fault) => (
        <Trouble key={fault.field + fault.message} message={fault.message} />
      ))}
      {takeOver.isSuccess && (
        <Box role="status" sx={{ my: 1 }}>
          {takeOver.data.name} is here, with what its pupils did.
        </Box>
      )}
      {edited === 'new' && <NewClass onDone={() => setEdited(undefined)} />}
      {edited !== undefined && edited !== 'new' && (
        <ClassForm key={edited.id} of={edited} onDone={() => setEdited(undefined)} />
      )}
      {classes.data?.length === 0 && edited === undefined && (
        <Box component="p" sx={{ color: ink.faint, mt: 4, fontSize: 18 }}>
          There is no class yet. Press “New class” and type or paste the short names of its pupils; then you
          can mark their papers.
        </Box>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 480px), 1fr))',
          columnGap: 5,
        }}
      >
        {classes.data?.map((each) => (
          <Box key={each.id} sx={{ borderTop: `1px solid ${ink.hair}`, py: 1.5, mt: 1.5 }}>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap' }}>
              <Box component="h2" sx={{ m: 0, fontSize: 19 }}>
                <Link to={`/classes/${each.id}`}>{each.name}</Link>
              </Box>
              <Box sx={{ color: ink.faint }}>
                {each.pupils.length === 1 ? '1 pupil' : `${each.pupils.length} pupils`}
              </Box>
              <Box sx={{ ml: 'auto' }}>
                <Button onClick={() => setEdited(each)} aria-label={`Change ${each.name}`}>
                  Change
                </Button>
                <Button onClick={() => onDelete(each.id)} aria-label={`Delete ${each.name}`}>
                  Delete
                </Button>
              </Box>
            </Box>
            <Box sx={{ mt: 0.5, lineHeight: 1.7, overflowWrap: 'anywhere' }}>
              {each.pupils.map(({ name }) => name.replaceAll(' ', '\u00a0')).join(' · ')}
            </Box>
          </Box>
        ))}
      </Box>
      <Box component="p" sx={{ color: ink.faint, mt: 3 }}>
        A short name is all that is kept of a pupil. <Link to="/marking">Mark their papers</Link>.
      </Box>
    </PageWithAside>
  );
}
