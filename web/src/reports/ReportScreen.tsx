import { Box, Button } from '@mui/material';
import { Link, useParams } from 'react-router';
import type { Refused, Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';
import { PagesPreview } from '../print/PagesPreview';
import { sendToPrinter } from '../print/sendToPrinter';
import { Unprintable } from '../print/Unprintable';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { FeedbackPanel } from './FeedbackPanel';
import { OwnWordsPanel } from './OwnWordsPanel';
import { reports, type ReportKind } from './reports';

/** Pages as they will be printed. */
export function ReportScreen({ kind }: { kind: ReportKind }) {
  const id = Number(useParams().id);
  const { title, says, back, backTo, file, pages, asks } = reports[kind];
  const query = keys.report(kind, id);
  const report = useQuery<Schemas['ReportView'] | Schemas['WordedView'], Refused>({
    queryKey: query,
    queryFn: () => pages(id),
    staleTime: 0,
  });
  const worded = report.data && 'own' in report.data ? report.data : undefined;
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' }, maxWidth: 1240 }}>
      <Box component="h1" sx={{ m: 0 }}>
        {title}
      </Box>
      <Box sx={{ color: ink.faint, m: '2px 0 10px' }}>{says}</Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mb: 1.5 }}>
        <Button
          variant="contained"
          onClick={() => sendToPrinter(`${file(id)}?inline=true`)}
          disabled={!report.data}
        >
          Print
        </Button>
        <Button variant="outlined" component="a" href={file(id)}>
          Keep as PDF
        </Button>
        <Link to={back(id)}>{backTo ?? `Back to ${report.data?.title ?? 'the record'}`}</Link>
      </Box>
      <Trouble message={report.error?.message} />
      <Unprintable letters={report.data?.unprintable ?? []} />
      {!report.data && !report.isError && <Box sx={{ color: ink.faint }}>Setting out the pages …</Box>}
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            lg: worded || kind === 'strips' ? 'minmax(0, 1fr) 300px' : 'minmax(0, 1fr)',
          },
        }}
      >
        {report.data && <PagesPreview pages={report.data.pages} name={`bemble-${kind}`} />}
        {worded && <OwnWordsPanel worded={worded} query={query} asks={asks} />}
        {kind === 'strips' && <FeedbackPanel marking={id} query={query} />}
      </Box>
    </Box>
  );
}
