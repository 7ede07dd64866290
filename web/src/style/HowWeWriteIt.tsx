import { keepPreviousData } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { Field } from '../app/Field';
import { useQuery } from '../app/useQuery';
import { PagesPreview } from '../print/PagesPreview';
import { sendToPrinter } from '../print/sendToPrinter';
import { Tabs } from '../app/Tabs';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { Unprintable } from '../print/Unprintable';
import { OwnWordsPanel } from '../reports/OwnWordsPanel';

const address = '/api/how-we-write-it';

/** One page per operation for parents and colleagues: an example worked in this style, with what is said. */
export function HowWeWriteIt() {
  const [operation, setOperation] = useState('addition');
  const [own, setOwn] = useState<Record<string, string>>({});
  const examples = useQuery<Schemas['ExampleView'][], Refused>({
    queryKey: keys.howWeWriteIt.examples,
    queryFn: () => ask(api.GET('/api/how-we-write-it/examples')),
  });
  const example = examples.data?.find((each) => each.operation === operation)?.problem;
  const problem = own[operation] ?? example ?? '';
  const page = useQuery<Schemas['HowWeWriteItView'], Refused>({
    queryKey: keys.howWeWriteIt.of(problem),
    queryFn: () => ask(api.GET('/api/how-we-write-it', { params: { query: { problem } } })),
    enabled: problem.trim() !== '',
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  const file = `${address}/page.pdf?problem=${encodeURIComponent(problem)}`;
  return (
    <Box sx={{ mt: 2.5 }}>
      <Box component="p" sx={{ color: ink.faint, m: '0 0 14px', maxWidth: 760 }}>
        For parents and for whoever takes your class: an example in your house style, with your sentences and
        cues.
      </Box>
      <Trouble message={examples.error?.message} />
      {examples.data && (
        <Tabs
          label="Operation"
          value={operation}
          options={examples.data.map((each) => ({ id: each.operation, label: each.label }))}
          onChange={setOperation}
        />
      )}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-start', flexWrap: 'wrap', my: 2 }}>
        <Box sx={{ width: 280 }}>
          <Field
            label="Example"
            value={problem}
            onChange={(typed) => setOwn({ ...own, [operation]: typed })}
            fault={page.error?.message}
          />
        </Box>
        <Button variant="outlined" component="a" href={file} disabled={page.isError} sx={{ mt: 1 }}>
          Keep as PDF
        </Button>
        <Button
          variant="contained"
          onClick={() => sendToPrinter(`${file}&inline=true`)}
          disabled={page.isError}
          sx={{ mt: 1 }}
        >
          Print
        </Button>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'baseline', mb: 2 }}>
        <span>To keep beside the work:</span>
        <Button
          disabled={page.isError}
          onClick={() =>
            sendToPrinter(`${address}/bookmarks.pdf?problem=${encodeURIComponent(problem)}&inline=true`)
          }
        >
          Print bookmarks of the steps
        </Button>
        <Button onClick={() => sendToPrinter(`${address}/words-in-questions.pdf?inline=true`)}>
          Print the words in questions
        </Button>
      </Box>
      <Unprintable letters={page.data?.unprintable ?? []} />
      {page.data && !page.isError && (
        <Box
          sx={{
            display: 'grid',
            gap: 3,
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' },
          }}
        >
          <PagesPreview pages={page.data.pages} name="bemble-how-we-write-it" />
          <OwnWordsPanel key={page.data.page} worded={page.data} query={['how we write it']} />
        </Box>
      )}
    </Box>
  );
}
