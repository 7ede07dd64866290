import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { digits, ink } from '../app/ink';
import { SlipThumb } from '../glance/SlipThumb';
import { Trouble } from '../app/Trouble';
import type { SetEditor } from './useSetEditor';
import { useTelling } from './useSets';

/** Questions on which different slips lead to different answers. */
export function TellingPanel({ editor }: { editor: SetEditor }) {
  const [count, setCount] = useState('8');
  const [table, setTable] = useState(false);
  const telling = useTelling();
  const { operation = 'addition', want, seed } = editor.content;
  const choose = () => telling.mutate({ operation, count: Number(count), seed: seed ?? 1, want });
  return (
    <Box sx={{ overflow: 'auto', height: '100%', pb: 2 }}>
      <Box component="p" sx={{ maxWidth: 720, mt: 0 }}>
        From one wrong answer the slip behind it can often be read off, if the numbers are well chosen. Bemble
        draws questions with the wishes of this set ({operation.replace('-', ' ')}) and keeps those on which
        the slips lead to different answers.
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-end', '& > div > div': { mb: 0 } }}>
        <Box sx={{ width: 110 }}>
          <Field
            label="How many"
            inputMode="numeric"
            value={count}
            onChange={(typed) => setCount(typed.replace(/\D/g, ''))}
            fault={telling.error?.about('count')}
          />
        </Box>
        <Button variant="contained" onClick={choose} disabled={telling.isPending}>
          {telling.isPending ? 'Choosing …' : 'Choose telling questions'}
        </Button>
      </Box>
      <Trouble message={telling.error?.message} />
      {telling.data && (
        <>
          <Box component="p" role="status" sx={{ font: `400 18px/1.45 ${digits}`, maxWidth: 860 }}>
            {telling.data.inWords}
          </Box>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button variant="outlined" onClick={() => editor.replaceAll(telling.data.problems, {})}>
              Make these the set
            </Button>
            <Button onClick={() => setTable(!table)} aria-expanded={table}>
              {table ? 'Hide the table' : 'Which slip gives which answer'}
            </Button>
          </Box>
          {table ? (
            <Matrix telling={telling.data} operation={operation} />
          ) : (
            <Box component="ol" sx={{ font: `400 18px/1.7 ${digits}` }}>
              {telling.data.problems.map((problem) => (
                <li key={problem.text}>{problem.text}</li>
              ))}
            </Box>
          )}
        </>
      )}
    </Box>
  );
}

/** Which slip leads to which answer in which question: a small paper for each slip and each answer it comes to. */
function Matrix({ telling, operation }: { telling: Schemas['Telling']; operation: Schemas['Operation'] }) {
  return (
    <Box sx={{ overflow: 'auto', mt: 2 }}>
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          '& th, & td': { border: `1px solid ${ink.hair}`, p: '4px 8px', font: `400 15px ${digits}` },
          '& th': { textAlign: 'left' },
          '& td': { textAlign: 'center' },
        }}
      >
        <thead>
          <tr>
            <th scope="col">Somebody …</th>
            <th scope="col">as one sees it</th>
            {telling.problems.map((problem) => (
              <th key={problem.text} scope="col">
                {problem.written}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">is careful</th>
            <td />
            {telling.problems.map((problem) => (
              <td key={problem.text} style={{ fontWeight: 700 }}>
                {problem.answer}
              </td>
            ))}
          </tr>
          {telling.slips.map((row) => (
            <tr key={row.slip}>
              <th scope="row">{row.label}</th>
              <td>
                <SlipThumb
                  slip={row.slip}
                  operation={operation}
                  name={row.label}
                  problem={telling.problems[row.answers.findIndex((answer) => answer !== undefined)]?.text}
                />
              </td>
              {row.answers.map((answer, i) => (
                <td key={telling.problems[i]?.text}>{answer ?? '–'}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
