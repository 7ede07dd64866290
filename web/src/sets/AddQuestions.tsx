import { Box, Button } from '@mui/material';
import { useId, useState } from 'react';
import { Lines } from '../app/Lines';
import { ink } from '../app/ink';
import type { SetEditor } from './useSetEditor';
import { useReadProblems } from './useSets';

/** Problems of one's own, typed or pasted, one on a line. */
export function AddQuestions({ editor }: { editor: SetEditor }) {
  const [text, setText] = useState('');
  const read = useReadProblems();
  const id = useId();
  const add = () =>
    read.mutate(text, {
      onSuccess: (questions) => {
        editor.add(questions);
        setText('');
      },
    });
  return (
    <Box sx={{ mt: 2.5, borderTop: `1px solid ${ink.hair}`, pt: 1.5 }}>
      <label htmlFor={id} style={{ fontSize: 14 }}>
        Questions of your own, one on a line
      </label>
      <Lines
        id={id}
        rows={3}
        value={text}
        placeholder="487 + 96"
        onChange={(event) => setText(event.target.value)}
        faults={read.error?.faults.map((fault) => fault.message)}
      />
      <Button variant="outlined" sx={{ mt: 1 }} onClick={add} disabled={text.trim() === '' || read.isPending}>
        Add to the set
      </Button>
      <Box component="p" sx={{ fontSize: 15 }}>
        The set as a file: <a href={`/api/sets/${editor.id}/bemble-set.csv`}>CSV</a>,{' '}
        <a href={`/api/sets/${editor.id}/bemble-set.json`}>JSON</a>
      </Box>
    </Box>
  );
}
