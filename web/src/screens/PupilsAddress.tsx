import { Box } from '@mui/material';
import { ink } from '../app/ink';
import { usePupilsAddress } from './useScreens';

/** What pupils open on their devices, or why they cannot yet. */
export function PupilsAddress({ then }: { then: string }) {
  const known = usePupilsAddress();
  if (!known.data) {
    return null;
  }
  const here = ['localhost', '127.0.0.1', '[::1]'].includes(window.location.hostname);
  const address = here ? known.data.address : `${window.location.origin}/in`;
  return address ? (
    <span>
      Open <b>{address}</b> {then}
    </span>
  ) : (
    <Box sx={{ color: ink.faint, maxWidth: 720 }}>
      For now only this computer reaches Bemble, at <b>{`${window.location.origin}/in`}</b>. To let other
      devices of the school’s network in, end it and start it with{' '}
      <b style={{ whiteSpace: 'nowrap' }}>--address 0.0.0.0</b>.
    </Box>
  );
}
