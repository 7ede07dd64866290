import { Box, Button } from '@mui/material';
import { PageWithAside } from '../app/PageWithAside';
import { NextToMark } from '../today/WantsNext';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { BringBack, useDeleting } from '../app/BringBack';
import { Field } from '../app/Field';
import { Select } from '../app/Select';
import { ShowMore } from '../app/ShowMore';
import { ink } from '../app/ink';
import { stackedOnPhone, stickyHead } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { useClasses } from '../classes/useClasses';
import { dayOfMomentInWords } from '../app/timeInWords';
import { ScanFolderLine } from '../scan/ScanFolderLine';
import { useSetList } from '../sets/useSets';
import { NamedRules } from '../rules/NamedRules';
import { useBeginMarking, useDeleteMarking, useMarkings, useRestoreMarking } from './useMarking';

/** The piles of papers: those being marked, and a new one begun. */
export function MarkingsScreen() {
  const [search, setSearch] = useState('');
  const markings = useMarkings(search);
  const remove = useDeleteMarking();
  const restore = useRestoreMarking();
  const { deletedNow, onDelete } = useDeleting(remove, restore);
  return (
    <PageWithAside
      first
      name="What comes next"
      aside={
        <>
          <NextToMark />
          <NamedRules />
        </>
      }
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 3, flexWrap: 'wrap', mb: 1.5 }}>
        <Box component="h1" sx={{ m: 0 }}>
          Marking
        </Box>
        <Link to="/classes">Classes and names</Link>
        <Link to="/ask">Ask one more: a few questions at a child’s table</Link>
      </Box>
      <Begin />
      <ScanFolderLine />
      <Trouble message={(markings.error ?? remove.error ?? restore.error)?.message} />
      <BringBack what="piles" deletedNow={deletedNow} restore={restore} />
      {(search !== '' || (markings.lines && markings.lines.length > 0)) && (
        <Box sx={{ maxWidth: 320, mt: 3 }}>
          <Field label="Search sheets, classes and codes" value={search} onChange={setSearch} type="search" />
        </Box>
      )}
      {search !== '' && markings.lines?.length === 0 && (
        <Box sx={{ color: ink.faint }}>No pile has “{search}”. Type less of it, or clear the search.</Box>
      )}
      {markings.lines && markings.lines.length > 0 && (
        <Box
          component="table"
          sx={{ width: '100%', borderCollapse: 'collapse', ...stackedOnPhone, ...stickyHead }}
        >
          <Box component="thead" sx={{ textAlign: 'left', color: ink.faint, fontSize: 14 }}>
            <tr>
              <th>Sheet</th>
              <th>Class</th>
              <th>Papers</th>
              <th>Begun</th>
              <th aria-label="What to do with it" />
            </tr>
          </Box>
          <tbody>
            {markings.lines.map((each) => (
              <Box
                component="tr"
                key={each.id}
                sx={{ '& td': { borderTop: `1px solid ${ink.hair}`, py: 1, pr: 2 } }}
              >
                <td>
                  <Link
                    to={`/marking/${each.id}`}
                    style={{ fontWeight: 700, fontSize: 17, overflowWrap: 'anywhere' }}
                  >
                    {each.title}
                  </Link>
                </td>
                <td>{each.className}</td>
                <td style={{ whiteSpace: 'nowrap' }}>
                  {each.marked} of {each.papers} begun
                </td>
                <td style={{ whiteSpace: 'nowrap' }}>{dayOfMomentInWords(each.begunAt)}</td>
                <Box component="td" sx={{ textAlign: 'right' }}>
                  <Button
                    onClick={() => onDelete(each.id)}
                    aria-label={`Delete ${each.title}, ${each.className}, ${dayOfMomentInWords(each.begunAt)}`}
                  >
                    Delete
                  </Button>
                </Box>
              </Box>
            ))}
          </tbody>
        </Box>
      )}
      {markings.lines && markings.lines.length > 0 && (
        <ShowMore shown={markings.lines.length} total={markings.total} more={markings.more} />
      )}
    </PageWithAside>
  );
}

function Begin() {
  const classes = useClasses();
  const sets = useSetList('', false);
  const begin = useBeginMarking();
  const navigate = useNavigate();
  const [classId, setClassId] = useState('');
  const [code, setCode] = useState('');
  const [setId, setSetId] = useState('');
  if (classes.data?.length === 0) {
    return (
      <Box component="p" sx={{ color: ink.faint, fontSize: 18 }}>
        First make a class: <Link to="/classes">type the short names of its pupils</Link>. Then its papers can
        be marked here.
      </Box>
    );
  }
  const chosen = classId || String(classes.data?.[0]?.id ?? '');
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        begin.mutate(
          {
            classId: Number(chosen),
            code: code || undefined,
            setId: code || !setId ? undefined : Number(setId),
          },
          { onSuccess: (made) => navigate(`/marking/${made.id}`) },
        );
      }}
      sx={{ display: 'flex', gap: 3, alignItems: 'flex-start', flexWrap: 'wrap' }}
    >
      <Box sx={{ width: 170 }}>
        <Select
          label="Class"
          value={chosen}
          options={(classes.data ?? []).map((each) => ({ id: String(each.id), label: each.name }))}
          onChange={setClassId}
        />
        <Trouble message={begin.error?.about('classId')} />
      </Box>
      <Box sx={{ width: 190, mt: 0.75 }}>
        <Field
          label="Code at the foot of the sheet"
          value={code}
          onChange={setCode}
          fault={begin.error?.about('code')}
          placeholder="K7PT-A"
        />
      </Box>
      <Box sx={{ width: 250 }}>
        <Select
          label="or a set as it is now"
          value={setId}
          options={[
            { id: '', label: 'choose a set' },
            ...(sets.data ?? []).map((each) => ({ id: String(each.id), label: each.title })),
          ]}
          onChange={setSetId}
        />
        <Trouble message={begin.error?.about('setId')} />
      </Box>
      <Button type="submit" variant="contained" sx={{ mt: 1.5 }} disabled={begin.isPending || !chosen}>
        Mark this pile
      </Button>
    </Box>
  );
}
