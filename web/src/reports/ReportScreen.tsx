import { useQuery } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { Link, useParams } from 'react-router';
import type { Refused, Schemas } from '../api/client';
import { PagesPreview } from '../app/PagesPreview';
import { sendToPrinter } from '../app/sendToPrinter';
import { ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { reports, type ReportKind } from './reports';

/** Pages as they will be printed. */
export function ReportScreen({ kind }: { kind: ReportKind }) {
  const id = Number(useParams().id);
  const { title, says, back, backTo, file, pages } = reports[kind];
  const report = useQuery<Schemas['ReportView'], Refused>({
    queryKey: ['report', kind, id],
    queryFn: () => pages(id),
    staleTime: 0,
  });
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' }, maxWidth: 1000 }}>
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
      {!report.data && !report.isError && <Box sx={{ color: ink.faint }}>Setting out the pages …</Box>}
      {report.data && <PagesPreview pages={report.data.pages} name={`bemble-${kind}`} />}
    </Box>
  );
}
