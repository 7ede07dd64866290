import { Box } from '@mui/material';
import { ink } from '../app/ink';
import { useScanFolder } from './useScans';

/** Where the school's scanner puts its files, and which of them are left there; nothing where no folder is watched. */
export function ScanFolderLine() {
  const { data } = useScanFolder();
  return (
    data?.folder && (
      <Box sx={{ color: ink.faint, my: 1.5, overflowWrap: 'anywhere' }}>
        What the scanner puts into {data.folder} is read into its pile by itself.
        {data.left.length > 0 && (
          <Box component="ul" aria-label="Left in the folder" sx={{ m: '4px 0 0', pl: 2.5, color: ink.ink }}>
            {data.left.slice(0, mostTold).map(({ name, say }) => (
              <li key={name}>
                {name} is left there. {say}
              </li>
            ))}
            {data.left.length > mostTold && <li>and {data.left.length - mostTold} more</li>}
          </Box>
        )}
      </Box>
    )
  );
}

const mostTold = 5;
