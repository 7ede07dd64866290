import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { ShowMore } from '../app/ShowMore';
import { digits, ink } from '../app/ink';
import { momentInWords } from '../app/timeInWords';
import { Trouble } from '../app/Trouble';
import { useDeleted, useRestore, type Entry } from './useLog';

const page = 100;

/** What was deleted in the last month, by when it was deleted, to be brought back. */
export function DeletedEntries() {
  const [most, setMost] = useState(page);
  const deleted = useDeleted(most);
  const restore = useRestore();
  const times = new Map<string, Entry[]>();
  deleted.data?.entries.forEach((entry) => {
    const at = entry.deletedAt ?? '';
    times.set(at, [...(times.get(at) ?? []), entry]);
  });
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Trouble message={deleted.error?.message ?? restore.error?.message} />
      {deleted.data?.total === 0 && (
        <Box sx={{ color: ink.faint, fontSize: 19, mt: 2 }}>
          Nothing is deleted. What is deleted can be brought back from here for a month.
        </Box>
      )}
      {[...times].map(([at, entries]) => (
        <Box key={at} component="section" sx={{ borderTop: `1px solid ${ink.hair}`, py: 1 }}>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
            <Box component="h2" sx={{ m: 0, fontSize: 17 }}>
              Deleted {momentInWords(at)}
            </Box>
            {entries.length > 1 && (
              <Button
                disabled={restore.isPending}
                onClick={() => restore.mutate({ deletedAt: at })}
                aria-label={`Bring all of these back, deleted ${momentInWords(at)}`}
                sx={{ p: '0 6px', textDecoration: 'underline' }}
              >
                Bring all of these back
              </Button>
            )}
          </Box>
          {entries.map((entry) => (
            <Box
              key={entry.id}
              sx={{
                display: 'flex',
                gap: 2,
                alignItems: 'baseline',
                flexWrap: 'wrap',
                overflowWrap: 'anywhere',
              }}
            >
              <Box component="span" sx={{ font: `400 17px ${digits}` }}>
                {entry.problem}
              </Box>
              <Box component="span" sx={{ color: ink.faint, fontSize: 14 }}>
                {[entry.label, `worked ${momentInWords(entry.workedAt)}`].filter(Boolean).join(', ')}
              </Box>
              <Button
                disabled={restore.isPending}
                onClick={() => restore.mutate({ ids: [entry.id] })}
                aria-label={`Bring back ${entry.problem}`}
                sx={{ p: '0 6px', fontWeight: 400, textDecoration: 'underline' }}
              >
                Bring back
              </Button>
            </Box>
          ))}
        </Box>
      ))}
      {deleted.data && deleted.data.total > 0 && (
        <ShowMore
          shown={deleted.data.entries.length}
          total={deleted.data.total}
          more={deleted.data.entries.length < deleted.data.total ? () => setMost(most + page) : undefined}
        />
      )}
    </Box>
  );
}
