import { useQuery } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { Link, useParams } from 'react-router';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { PagesPreview } from '../app/PagesPreview';
import { sendToPrinter } from '../app/sendToPrinter';
import { ink } from '../app/theme';
import { Trouble } from '../app/Trouble';

type Kind = 'pupil' | 'class' | 'stand-in';

const about: Record<Kind, { title: string; says: string }> = {
  pupil: {
    title: 'For a talk with parents',
    says: 'What is secure and what is being learnt. A cause stands here only where you confirmed it when marking.',
  },
  class: { title: 'For the head', says: 'How many children are where. No child is named.' },
  'stand-in': {
    title: 'For a stand-in, today',
    says: 'Which sheet for whom, what to watch for, and the way you write it. Nothing of anybody’s past.',
  },
};

const fetchReport = (kind: Kind, id: number) => {
  const params = { params: { path: { id } } };
  switch (kind) {
    case 'pupil':
      return ask(api.GET('/api/pupils/{id}/report', params));
    case 'class':
      return ask(api.GET('/api/classes/{id}/report', params));
    case 'stand-in':
      return ask(api.GET('/api/classes/{id}/stand-in', params));
  }
};

/** A page for others as it will be printed. */
export function ReportScreen({ kind }: { kind: Kind }) {
  const id = Number(useParams().id);
  const report = useQuery<Schemas['ReportView'], Refused>({
    queryKey: ['report', kind, id],
    queryFn: () => fetchReport(kind, id),
    staleTime: 0,
  });
  const file =
    kind === 'pupil'
      ? `/api/pupils/${id}/report.pdf`
      : `/api/classes/${id}/${kind === 'class' ? 'report' : kind}.pdf`;
  const { title, says } = about[kind];
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' }, maxWidth: 1000 }}>
      <Box component="h1" sx={{ m: 0 }}>
        {title}
      </Box>
      <Box sx={{ color: ink.faint, m: '2px 0 10px' }}>{says}</Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mb: 1.5 }}>
        <Button
          variant="contained"
          onClick={() => sendToPrinter(`${file}?inline=true`)}
          disabled={!report.data}
        >
          Print
        </Button>
        <Button variant="outlined" component="a" href={file}>
          Keep as PDF
        </Button>
        <Link to={kind === 'pupil' ? `/pupils/${id}` : `/classes/${id}`}>
          Back to {report.data?.title ?? 'the record'}
        </Link>
      </Box>
      <Trouble message={report.error?.message} />
      {report.data && <PagesPreview pages={report.data.pages} name={`bemble-${kind}`} />}
    </Box>
  );
}
