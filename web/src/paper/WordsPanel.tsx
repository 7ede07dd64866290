import { Box, Button } from '@mui/material';
import { useId, useState } from 'react';
import { createPortal } from 'react-dom';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { Lines } from '../app/Lines';
import { digits, ink } from '../app/ink';
import { useQuery } from '../app/useQuery';
import { useRemark } from '../log/useLog';
import type { Logging } from './LogPanel';

type Props = { work: Schemas['WorkRequest']; problem: string; logging: Logging };

/** The whole working in plain sentences, to edit, save with the log's entry, copy or print. */
export function WordsPanel({ work, problem, logging }: Props) {
  const told = useQuery<Schemas['Told'], Refused>({
    queryKey: keys.work.explanation(work),
    queryFn: () => ask(api.POST('/api/explanation', { body: work })),
    staleTime: Infinity,
  });
  const { entry } = logging;
  const [own, setOwn] = useState<string>();
  const [copied, setCopied] = useState(false);
  const remark = useRemark();
  const id = useId();
  const text = own ?? (entry?.explanation || told.data?.text) ?? '';
  const change = (words: string | undefined) => {
    setOwn(words);
    setCopied(false);
  };
  const save = () => {
    if (entry) {
      const { label, note, kept } = entry;
      remark.mutate({ id: entry.id, label, note, kept, explanation: text });
    }
  };
  const fault = told.error?.message ?? remark.error?.message;
  return (
    <>
      <Box component="label" htmlFor={id} sx={{ color: ink.faint, fontSize: 14 }}>
        The whole working in words
      </Box>
      <Lines
        id={id}
        value={text}
        rows={14}
        onChange={(event) => change(event.target.value)}
        faults={fault ? [fault] : []}
        sx={{ fontSize: 15, '& textarea': { resize: 'vertical' } }}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button variant="outlined" onClick={save} disabled={!entry || remark.isPending}>
          Save in the log
        </Button>
        <Button
          variant="outlined"
          onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(true))}
        >
          Copy
        </Button>
        <Button variant="outlined" onClick={() => window.print()}>
          Print
        </Button>
        <Button onClick={() => change(told.data?.text)}>As Bemble tells it</Button>
      </Box>
      <Box role="status" sx={{ color: ink.right, mt: 1 }}>
        {copied && '✓ copied'}
        {!copied && remark.isSuccess && entry?.explanation === text && '✓ saved'}
      </Box>
      {!entry && (
        <Box component="p" sx={{ color: ink.faint, fontSize: 14 }}>
          Worked to its end the problem goes into the log; then these words can be saved with it.
        </Box>
      )}
      {createPortal(
        <Box className="only-printed" sx={{ font: `400 14pt/1.5 ${digits}`, whiteSpace: 'pre-wrap' }}>
          <h1>{problem}</h1>
          {text}
        </Box>,
        document.body,
      )}
    </>
  );
}
