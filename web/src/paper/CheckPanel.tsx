import { Box, Button } from '@mui/material';
import { useState, type FormEvent } from 'react';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { digits, ink } from '../app/ink';
import { useCalculator } from './useEstimate';

type Props = {
  worked: Schemas['WorkResponse'];
  done: boolean;
  onCheck: () => void;
};

/** The check in symbols once it has been worked, where to look when it fails, and the calculator. */
export function CheckPanel({ worked, done, onCheck }: Props) {
  const { check } = worked;
  return (
    <>
      {done ? (
        <>
          <Box sx={{ font: `400 19px ${digits}`, overflowWrap: 'anywhere' }}>{check.written}</Box>
          <Box sx={{ color: check.holds ? ink.right : ink.wrong, mt: 1 }}>
            {check.holds
              ? '✓ agrees, so the answer is probably right'
              : '✗ does not agree: look through the sum and through the check, from the first column on'}
          </Box>
        </>
      ) : (
        <>
          <p style={{ marginTop: 0 }}>The check is worked under the sum. Go there when the answer stands.</p>
          <Button variant="outlined" onClick={onCheck}>
            Work the check
          </Button>
        </>
      )}
      <Calculator problem={worked.written} />
    </>
  );
}

/** A pocket calculator's display for any one sum, closed at first. */
function Calculator(props: { problem: string }) {
  const [typed, setTyped] = useState(props.problem);
  const calculator = useCalculator();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    calculator.mutate(typed);
  };
  return (
    <Box component="details" sx={{ mt: 3, pt: 2, borderTop: `1px solid ${ink.hair}` }}>
      <summary>Calculator</summary>
      <Box component="form" noValidate onSubmit={submit} sx={{ mt: 1.5 }}>
        <Field label="One sum" value={typed} onChange={setTyped} fault={calculator.error?.message} />
        <Button type="submit" variant="outlined">
          =
        </Button>
        <Box role="status" sx={{ font: `400 21px ${digits}`, mt: 1, overflowWrap: 'anywhere' }}>
          {calculator.data?.text}
        </Box>
      </Box>
    </Box>
  );
}
