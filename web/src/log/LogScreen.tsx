import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Field } from '../app/Field';
import { FileButton } from '../app/FileButton';
import { HowFar } from '../app/HowFar';
import { Select } from '../app/Select';
import { ShowMore } from '../app/ShowMore';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { DeletedEntries } from './DeletedEntries';
import { LogTable } from './LogTable';
import { useDelete, useImport, useLog, useRestore, useTidy } from './useLog';

const page = 100;

const whose = [
  { id: '', label: 'everything' },
  { id: 'false', label: 'your own' },
  { id: 'true', label: 'papers of pupils' },
  { id: 'deleted', label: 'what was deleted' },
];

/** Every worked problem, newest first. */
export function LogScreen() {
  const [search, setSearch] = useState('');
  const [pupils, setPupils] = useState('');
  const [most, setMost] = useState(page);
  const [deleted, setDeleted] = useState<number[]>([]);
  /** How many papers were not tidied away, since they stand in a pile. */
  const [stay, setStay] = useState(0);
  const showsDeleted = pupils === 'deleted';
  const log = useLog(search, pupils === '' || showsDeleted ? undefined : pupils === 'true', most);
  const remove = useDelete();
  const tidy = useTidy();
  const restore = useRestore();
  const takeIn = useImport();
  const nothing = log.data?.total === 0 && search === '' && pupils === '';
  const failed = log.error ?? remove.error ?? tidy.error ?? restore.error;
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '18px 28px 28px 26px' }, maxWidth: 1240 }}>
      <Typography variant="h1">Log</Typography>
      <Box sx={{ display: 'flex', gap: 3, alignItems: 'flex-end', flexWrap: 'wrap', mt: 1 }}>
        <Box sx={{ width: { xs: '100%', md: 320 } }}>
          <Field
            label="Search problems, answers, labels and notes"
            value={search}
            onChange={setSearch}
            type="search"
          />
        </Box>
        <Box sx={{ width: 170, pb: 2 }}>
          <Select label="Show" value={pupils} options={whose} onChange={setPupils} />
        </Box>
        <Box
          sx={{
            display: 'flex',
            gap: 2.5,
            pb: 2.5,
            ml: { md: 'auto' },
            alignItems: 'baseline',
            flexWrap: 'wrap',
          }}
        >
          <a href="/api/log/bemble-log.csv" download>
            Export CSV
          </a>
          <a href="/api/log/bemble-log.json" download>
            Export JSON
          </a>
          <FileButton
            variant="outlined"
            text="Read JSON in"
            label="A log to read in"
            accept=".json,application/json"
            disabled={takeIn.isPending}
            onFile={(file) => takeIn.mutate(file)}
          />
          <Button
            variant="outlined"
            disabled={nothing || showsDeleted || tidy.isPending}
            onClick={() =>
              tidy.mutate(
                { search, pupils: pupils === '' ? undefined : pupils === 'true' },
                {
                  onSuccess: (gone) => {
                    setDeleted(gone.ids);
                    setStay(gone.inPiles);
                  },
                },
              )
            }
          >
            Delete all not kept
          </Button>
        </Box>
      </Box>
      <Box role="status" sx={{ minHeight: 30 }}>
        {deleted.length > 0 && (
          <Box sx={{ bgcolor: ink.amber, p: '6px 12px', mb: 1.5 }}>
            {deleted.length === 1 ? '1 entry was deleted.' : `${deleted.length} entries were deleted.`}
            <Button
              sx={{ ml: 1.5, p: '0 6px', textDecoration: 'underline' }}
              onClick={() =>
                restore.mutate({ ids: deleted.slice(0, 5000) }, { onSuccess: () => setDeleted([]) })
              }
            >
              Undo
            </Button>
          </Box>
        )}
        {stay > 0 && (
          <Box sx={{ mb: 1 }}>
            {stay === 1 ? 'One paper stays' : `${stay} papers stay`}: pupils are at it, or it stands in a
            pile.
          </Box>
        )}
        {takeIn.data && (
          <Box sx={{ color: ink.right, mb: 1.5 }}>
            ✓ {takeIn.data.added} taken in, {takeIn.data.alreadyThere} were there already.
          </Box>
        )}
      </Box>
      {takeIn.error && (
        <Box sx={{ mb: 2 }}>
          <b>Nothing was taken in.</b>
          {takeIn.error.faults.map((fault) => (
            <Trouble key={fault.field} message={fault.message} />
          ))}
        </Box>
      )}
      <Trouble message={failed?.message} />
      <HowFar job={takeIn.job} what="Reading the log in" />
      {showsDeleted && <DeletedEntries />}
      {nothing && (
        <Box sx={{ color: ink.faint, fontSize: 19, maxWidth: 560, mt: 3 }}>
          Nothing here yet. Type a problem on Paper and work it to its end: it comes here by itself.
        </Box>
      )}
      {log.data?.total === 0 && !nothing && !showsDeleted && (
        <Box sx={{ color: ink.faint, fontSize: 19, mt: 3 }}>
          {search !== ''
            ? `Nothing in the log has “${search}”. Type less of it, or clear the search.`
            : pupils === 'true'
              ? 'No pupil has written at a screen yet. Open a set for a class, and their papers come here.'
              : 'Nothing of your own yet. Type a problem on Paper and work it to its end: it comes here by itself.'}
        </Box>
      )}
      {log.data && log.data.total > 0 && !showsDeleted && (
        <>
          <LogTable
            entries={log.data.entries}
            onDelete={(id) => remove.mutate(id, { onSuccess: (gone) => setDeleted(gone.ids) })}
          />
          <ShowMore
            shown={log.data.entries.length}
            total={log.data.total}
            more={log.data.entries.length < log.data.total ? () => setMost(most + page) : undefined}
          />
        </>
      )}
    </Box>
  );
}
