import { Box } from '@mui/material';
import { digits, ink } from '../app/ink';

/** Squared paper with nothing on it but what to do first. */
export function EmptyPaper() {
  return (
    <Box
      sx={{
        mt: 1.75,
        flex: 1,
        border: `1px solid ${ink.hair}`,
        bgcolor: ink.sheet,
        backgroundImage: `linear-gradient(${ink.grid} 1px, transparent 1px), linear-gradient(90deg, ${ink.grid} 1px, transparent 1px)`,
        backgroundSize: '54px 54px',
        p: { xs: '27px 54px', md: '54px 108px' },
        font: `400 21px/54px ${digits}`,
      }}
    >
      <Box component="p" sx={{ m: 0 }}>
        Type a problem on the line above, like 4738 + 1967 or 86 + 947 + 58.5, and press Enter.
      </Box>
      <Box component="p" sx={{ m: 0 }}>
        It stands here on squared paper at once. → takes the next step, ← goes back.
      </Box>
      <Box component="p" sx={{ m: 0 }}>
        The sentence to say stands under the paper, all steps at its side.
      </Box>
    </Box>
  );
}
