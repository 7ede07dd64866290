import { Box } from '@mui/material';
import { useParams } from 'react-router';
import { Trouble } from '../app/Trouble';
import { useOneAttempt, usePaperToWriteOn } from './useAttempts';
import { WritePaper } from './WritePaper';

/** One paper that somebody writes on. */
export function WriteScreen() {
  const id = Number(useParams().id);
  const attempt = useOneAttempt(id);
  const paper = usePaperToWriteOn(attempt.data?.work, {
    settingOut: attempt.data?.settings.settingOut ?? false,
    withCheck: attempt.data?.settings.withCheck ?? false,
  });
  const fault = attempt.error ?? paper.error;
  if (fault) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={fault.message} />
      </Box>
    );
  }
  if (!attempt.data || !paper.data) {
    return <Box sx={{ p: 4 }}>Fetching paper …</Box>;
  }
  return <WritePaper key={id} attempt={attempt.data} paper={paper.data} />;
}
