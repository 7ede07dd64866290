import { useMutation } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { Field } from '../app/Field';
import { PageWithAside } from '../app/PageWithAside';
import { Select } from '../app/Select';
import { NextToAsk } from '../today/WantsNext';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import type { Asked, AskState } from './asked';

const operations: { id: Schemas['Operation']; label: string }[] = [
  { id: 'addition', label: 'Addition' },
  { id: 'subtraction', label: 'Subtraction' },
  { id: 'multiplication', label: 'Multiplication' },
  { id: 'division', label: 'Division' },
  { id: 'square-root', label: 'Square root' },
];

const useNext = () =>
  useMutation<
    Schemas['NextResponse'],
    Refused,
    { operation: Schemas['Operation']; asked: Asked[]; seed: number }
  >({
    mutationFn: ({ operation, asked, seed }) =>
      ask(
        api.POST('/api/diagnose/next', {
          body: {
            operation,
            seed,
            items: asked,
          },
        }),
      ),
  });

/** A few questions at a child's table, each drawn from the answers so far, ended when one is sure. */
export function AskScreen() {
  const [from, setFrom] = useState(useLocation().state as AskState | null);
  return <Asking key={from ? from.pupil + from.operation : ''} from={from} onAsk={setFrom} />;
}

function Asking({ from, onAsk }: { from: AskState | null; onAsk: (state: AskState) => void }) {
  const [operation, setOperation] = useState(from?.operation ?? 'addition');
  const [seed] = useState(() => Math.floor(Math.random() * 1e6));
  const [asked, setAsked] = useState<Asked[]>([]);
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string>();
  const next = useNext();
  const [current, setCurrent] = useState<Schemas['NextResponse']>();
  const go = (answers: Asked[], of = operation) => {
    setAsked(answers);
    next.mutate({ operation: of, asked: answers, seed: seed + answers.length }, { onSuccess: setCurrent });
  };
  const answer = () => {
    if (!/\d/.test(typed)) {
      setFault('Type the answer the child gives, in digits.');
      return;
    }
    setFault(undefined);
    setTyped('');
    if (current?.problem) {
      go([...asked, { problem: current.problem.text, given: typed }]);
    }
  };
  return (
    <PageWithAside name="What comes next" aside={<NextToAsk onAsk={onAsk} />}>
      <Box sx={{ display: 'flex', gap: 3, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ m: 0 }}>
          Ask one more{from ? `: ${from.pupil}` : ''}
        </Box>
        <Link to={from?.back ?? '/marking'}>Back to marking</Link>
      </Box>
      <Box component="p" sx={{ color: ink.faint, maxWidth: 640 }}>
        Ask the child the question, type the answer, and after three or four you know. Each question is the
        one whose answer tells most.
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-end', mb: 2 }}>
        <Box sx={{ width: 190 }}>
          <Select
            label="Operation"
            value={operation}
            options={operations}
            onChange={(chosen) => {
              setOperation(chosen);
              setAsked([]);
              setCurrent(undefined);
            }}
          />
        </Box>
        <Button
          variant={asked.length === 0 && !current ? 'contained' : 'outlined'}
          onClick={() => go(current ? [] : (from?.asked ?? []))}
        >
          {current ? 'Begin with another child' : 'Begin'}
        </Button>
        {asked.length > 0 && (
          <Button onClick={() => go(asked.slice(0, -1))}>Take the last answer back</Button>
        )}
      </Box>
      <Trouble message={next.error?.message} />
      {asked.length > 0 && (
        <Box component="ol" sx={{ font: `400 18px ${digits}`, m: '0 0 14px', pl: 3 }}>
          {asked.map(({ problem, given }, i) => (
            <li key={i}>
              {problem} = <b>{given}</b>
            </li>
          ))}
        </Box>
      )}
      {current?.problem && (
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault();
            answer();
          }}
          sx={{ display: 'flex', gap: 2, alignItems: 'flex-start', flexWrap: 'wrap' }}
        >
          <Box
            sx={{
              font: `400 44px ${digits}`,
              bgcolor: ink.sheet,
              border: `1px solid ${ink.hair}`,
              px: 2.5,
              py: 0.5,
            }}
            data-testid="question"
          >
            {current.problem.text}
          </Box>
          <Box sx={{ width: 200 }}>
            <Field
              key={asked.length}
              label="The child’s answer"
              value={typed}
              onChange={setTyped}
              fault={fault}
              autoFocus
              autoComplete="off"
            />
          </Box>
          <Button type="submit" variant="contained" sx={{ mt: 1.5 }} disabled={next.isPending}>
            Next
          </Button>
        </Box>
      )}
      {current && (
        <Box aria-live="polite" sx={{ mt: 2, maxWidth: 700 }}>
          <Box sx={{ color: current.done ? ink.ink : ink.faint, fontSize: current.done ? 19 : 15 }}>
            {current.done ? current.why : `Why this one: ${current.why}`}
          </Box>
          {current.slips.map((slip) => (
            <Box key={slip.slip + (slip.with ?? '')} sx={{ mt: 1 }}>
              <b>{slip.name}</b> · {slip.sureness}
              <Box sx={{ color: ink.faint }}>{slip.say}</Box>
            </Box>
          ))}
        </Box>
      )}
    </PageWithAside>
  );
}
