import { Box, Button } from '@mui/material';
import { useState, type FormEvent } from 'react';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { Select } from '../app/Select';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useEstimate } from './useEstimate';

const head = 'head';

const kept = [
  { id: head, label: 'as a head would choose' },
  { id: '1', label: 'to the leading digit' },
  { id: '2', label: 'to two leading digits' },
  { id: '3', label: 'to three leading digits' },
];

type Props = { work: Schemas['WorkRequest']; finished: boolean };

/** An estimate before the first step; at the end the own one is held against the answer. */
export function EstimatePanel({ work, finished }: Props) {
  const [own, setOwn] = useState('');
  const [rounding, setRounding] = useState(head);
  const offered = useEstimate();
  const held = useEstimate();
  const hold = (event: FormEvent) => {
    event.preventDefault();
    held.mutate({ work, own });
  };
  return (
    <>
      <Box component="form" noValidate onSubmit={hold}>
        <Field label="Our estimate" value={own} onChange={setOwn} fault={held.error?.about('own')} />
        <Button type="submit" variant="outlined" disabled={!finished || own === ''}>
          Hold it against the answer
        </Button>
        {!finished && <Box sx={{ color: ink.faint, fontSize: 14, mt: 0.5 }}>At the end of the sum.</Box>}
        <Box role="status" sx={{ mt: 1 }}>
          {held.data?.held}
        </Box>
      </Box>
      <Box sx={{ mt: 3, pt: 2, borderTop: `1px solid ${ink.hair}` }}>
        <Select label="Round" value={rounding} options={kept} onChange={setRounding} />
        <Button
          variant="outlined"
          sx={{ mt: 1 }}
          onClick={() =>
            offered.mutate(rounding === head ? { work, head: true } : { work, keptDigits: Number(rounding) })
          }
        >
          Show an estimate
        </Button>
        <Box role="status" sx={{ mt: 1.5 }}>
          {offered.data && (
            <>
              <Box sx={{ font: `400 21px ${digits}`, overflowWrap: 'anywhere' }}>
                {offered.data.statement}
              </Box>
              {expected(offered.data)}
            </>
          )}
        </Box>
        <Trouble message={offered.error?.message} />
      </Box>
    </>
  );
}

function expected({ expected: said, fewestDigits, mostDigits }: Schemas['EstimateView']) {
  if (said) {
    return said;
  }
  if (fewestDigits === mostDigits) {
    return `Expect ${fewestDigits === 1 ? '1 digit' : `${fewestDigits} digits`}.`;
  }
  return `Expect ${fewestDigits} to ${mostDigits} digits.`;
}
