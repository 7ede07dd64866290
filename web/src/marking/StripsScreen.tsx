import { Box } from '@mui/material';
import { useParams } from 'react-router';
import { digits, ink } from '../app/theme';
import { PrintedPage } from './PrintedPage';
import { useStrips } from './useMarking';

/** Strips to cut out, one for each child who needs one. */
export function StripsScreen() {
  const id = Number(useParams().id);
  const strips = useStrips(id);
  return (
    <PrintedPage id={id} trouble={strips.error?.message}>
      {strips.data?.length === 0 && (
        <Box sx={{ color: ink.faint, fontSize: 18 }}>
          Nobody needs a strip: no answer in this pile is wrong yet.
        </Box>
      )}
      {strips.data?.map((strip) => (
        <Box
          key={strip.pupil}
          sx={{
            border: `1px dashed ${ink.faint}`,
            borderWidth: '0 0 1px',
            py: 1.5,
            breakInside: 'avoid',
            display: 'grid',
            gridTemplateColumns: '110px 1fr 1fr',
            gap: 2,
          }}
        >
          <Box sx={{ fontWeight: 700, fontSize: 18 }}>{strip.pupil}</Box>
          <Box>
            <Box sx={{ font: `400 22px ${digits}` }}>
              {strip.problem} = {strip.begun}
            </Box>
            <Box sx={{ color: ink.faint, fontSize: 14 }}>
              Once more, with other numbers. The first figure is there.
            </Box>
          </Box>
          <Box>
            {strip.telling && <Box sx={{ font: `400 22px ${digits}` }}>{strip.telling} =</Box>}
            <Box sx={{ color: ink.faint, fontSize: 14 }}>{strip.help}</Box>
          </Box>
        </Box>
      ))}
    </PrintedPage>
  );
}
