import { Box } from '@mui/material';
import { ink } from '../app/ink';

/** The very pages that will be printed, each to be kept as SVG. */
export function PagesPreview({ pages, name }: { pages: string[]; name: string }) {
  return (
    <Box
      data-testid="preview"
      tabIndex={0}
      aria-label="Preview of the pages"
      role="group"
      sx={{
        overflow: 'auto',
        bgcolor: ink.hair,
        p: 2,
        display: 'grid',
        gap: 2,
        justifyItems: 'center',
        alignContent: 'start',
        '& svg': { width: 'min(100%, 620px)', height: 'auto', display: 'block' },
      }}
    >
      {pages.map((page, i) => (
        <div key={i} style={{ width: '100%', display: 'grid', justifyItems: 'center' }}>
          <div
            role="group"
            aria-label={`Page ${i + 1}`}
            style={{ width: '100%', maxWidth: 620 }}
            dangerouslySetInnerHTML={{ __html: page }}
          />
          <a
            href={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(page)}`}
            download={`${name}-${i + 1}.svg`}
          >
            Page {i + 1} as SVG
          </a>
        </div>
      ))}
    </Box>
  );
}
