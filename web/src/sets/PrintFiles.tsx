import { Box, Button } from '@mui/material';
import type { Schemas } from '../api/client';
import { sendToPrinter } from '../print/sendToPrinter';
import { ink } from '../app/theme';
import { momentInWords } from '../app/timeInWords';
import type { usePrinting } from './usePrinting';

type Props = { printing: ReturnType<typeof usePrinting>; prints: Schemas['PrintView'][] };

const kinds = [
  ['questions', 'Questions'],
  ['answers', 'Answers'],
  ['worked', 'Worked answers'],
] as const;

/** How far printing has come, and the files of all that was printed. */
export function PrintFiles({ printing, prints }: Props) {
  const { job } = printing;
  return (
    <Box sx={{ mt: 1.5 }}>
      {printing.isPrinting && (
        <Box>
          {/* Without a value it shows that the versions are still being drawn. */}
          <progress value={job?.done} max={job?.total} aria-label="Printing" style={{ width: '100%' }} />
          <Button onClick={printing.stop} disabled={!job}>
            Stop
          </Button>
        </Box>
      )}
      <Box role="status" sx={{ color: job?.state === 'failed' ? ink.wrong : ink.right }}>
        {job?.state === 'done' &&
          (printing.isToPrinter ? '✓ the print dialog shows it' : '✓ the files are made')}
        {job?.state === 'stopped' && 'Stopped; nothing was made. Begin again whenever you like.'}
        {job?.state === 'failed' && '✗ The files could not be made. Try again.'}
      </Box>
      {!printing.isPrinting &&
        prints.map((print) => (
          <Box key={print.code} sx={{ borderTop: `1px solid ${ink.hair}`, py: 1 }}>
            <b>{print.code}</b>{' '}
            <Box component="span" sx={{ color: ink.faint, fontSize: 14 }}>
              {momentInWords(print.printedAt)}
            </Box>
            {kinds.map(([kind, label]) => (
              <Box key={kind} sx={{ display: 'flex', gap: 1.5, fontSize: 15 }}>
                <Box sx={{ flex: 1 }}>{label}</Box>
                <a
                  href={`/api/prints/${print.code}/${kind}.pdf`}
                  aria-label={`${label} of ${print.code} as PDF`}
                >
                  PDF
                </a>
                <Button
                  onClick={() => sendToPrinter(`/api/prints/${print.code}/${kind}.pdf?inline=true`)}
                  aria-label={`Print ${label} of ${print.code} from here`}
                  sx={{ p: 0, fontSize: 15, fontWeight: 400, lineHeight: 1.4, textDecoration: 'underline' }}
                >
                  print
                </Button>
              </Box>
            ))}
          </Box>
        ))}
    </Box>
  );
}
