import { Box, Button } from '@mui/material';
import type { Schemas } from '../api/client';
import { sendToPrinter } from '../print/sendToPrinter';
import { HowFar } from '../app/HowFar';
import { ink } from '../app/ink';
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
  return (
    <Box sx={{ mt: 1.5 }}>
      <HowFar job={printing.job} what="Printing" />
      <Box role="status" sx={{ color: ink.right }}>
        {printing.isDone && (printing.isToPrinter ? '✓ the print dialog shows it' : '✓ the files are made')}
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
