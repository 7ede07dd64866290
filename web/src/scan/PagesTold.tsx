import { Box } from '@mui/material';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useOwner, type Scan } from './useScans';

/** Pages of which there is something to say: not read, here already, or nobody's until somebody says whose. */
export function PagesTold({ id, scan }: { id: number; scan: Scan }) {
  const owner = useOwner(id, scan.id);
  const told = scan.pages.filter((page) => page.say !== '');
  if (told.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label="Pages to see to" sx={{ mt: 3 }}>
      <Trouble message={owner.error?.message} />
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {told.map((page) => (
          <Box component="li" key={page.page} sx={{ borderTop: `1px solid ${ink.hair}`, py: 1 }}>
            <b>Page {page.page}</b>
            {page.sheet && ` (${page.sheet}, page ${page.sheetPage})`}: {page.say}
            {page.state === 'nobodys' && (
              <Box sx={{ maxWidth: 260 }}>
                <Select
                  label="It is the page of"
                  of={`page ${page.page}`}
                  value=""
                  options={[
                    { id: '', label: 'choose a child' },
                    ...scan.pupils.map((pupil) => ({ id: String(pupil.id), label: pupil.name })),
                  ]}
                  onChange={(pupil) => pupil && owner.mutate({ page: page.page, pupil: Number(pupil) })}
                />
              </Box>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
