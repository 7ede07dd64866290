import { Box } from '@mui/material';
import { ink } from '../app/ink';
import { ShapePainter } from './ShapePainter';
import type { Picture } from './usePictures';

/** A picture as it is at a step; things glide from frame to frame where motion is welcome. */
export function PicturePainter({ picture, step }: { picture: Picture; step: number }) {
  const frame = picture.frames.findLast((each) => each.step <= step);
  return (
    <Box
      data-testid="picture"
      sx={{
        bgcolor: ink.sheet,
        border: `1px solid ${ink.hair}`,
        minHeight: 0,
        minWidth: 0,
        display: 'grid',
        placeItems: 'center',
        p: 2,
        '& g': { transition: 'transform 500ms ease' },
        '@media (prefers-reduced-motion: reduce)': { '& g': { transition: 'none' } },
      }}
    >
      {frame ? (
        <svg
          role="img"
          aria-label={`${picture.label}: ${frame.words}`}
          viewBox={`0 0 ${picture.width} ${picture.height}`}
          style={{ width: '100%', height: '100%', minHeight: 0 }}
        >
          {frame.shapes.map((shape) => (
            <ShapePainter key={shape.key} shape={shape} />
          ))}
        </svg>
      ) : (
        <Box component="p" sx={{ color: ink.faint, fontSize: 20, maxWidth: 380 }}>
          {picture.whyNot}
        </Box>
      )}
    </Box>
  );
}
