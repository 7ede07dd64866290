import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { Tick } from '../app/Tick';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { usePreferences, usePreferencesChange } from './usePreferences';

/** The teacher's own codes for how an answer came about, typed when marking. */
export function HowCodes() {
  const { data, error } = usePreferences();
  return data ? (
    <Form key={JSON.stringify(data.chosen.howCodes)} kept={data.chosen.howCodes} />
  ) : (
    <Trouble message={error?.message} />
  );
}

function Form({ kept }: { kept: Schemas['HowCode'][] }) {
  const [codes, setCodes] = useState(kept);
  const change = usePreferencesChange();
  const put = (index: number, part: Partial<Schemas['HowCode']>) =>
    setCodes(codes.map((each, i) => (i === index ? { ...each, ...part } : each)));
  return (
    <Box sx={{ mt: 2.5, maxWidth: 760 }}>
      <Box component="p" sx={{ color: ink.faint, m: '0 0 14px' }}>
        When marking, a code after an answer says how it came about: <b>7 3152 :h</b>, <b>7 = :h</b>, or{' '}
        <b>= :h</b> for the rest of a paper. What was not done alone counts neither for nor against a pupil.
      </Box>
      {codes.map((code, index) => (
        <Box
          key={index}
          sx={{
            display: 'grid',
            gridTemplateColumns: '90px minmax(0, 280px) auto auto',
            gap: 2,
            alignItems: 'start',
          }}
        >
          <Field
            label="Code"
            value={code.code}
            onChange={(typed) => put(index, { code: typed })}
            fault={change.error?.about(`howCodes[${index}].code`)}
          />
          <Field
            label="What it means"
            value={code.name}
            onChange={(name) => put(index, { name })}
            fault={change.error?.about(`howCodes[${index}].name`)}
          />
          <Box sx={{ pt: 1.5 }}>
            <Tick label="counts as alone" checked={code.alone} onChange={(alone) => put(index, { alone })} />
          </Box>
          <Button
            sx={{ mt: 1.5 }}
            onClick={() => setCodes(codes.filter((_, i) => i !== index))}
            aria-label={`Leave out the code ${code.code}`}
          >
            Leave out
          </Button>
        </Box>
      ))}
      <Trouble message={change.error?.about('howCodes')} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="outlined" onClick={() => setCodes([...codes, { code: '', name: '', alone: false }])}>
          One more code
        </Button>
        <Button
          variant="contained"
          disabled={change.isPending || JSON.stringify(codes) === JSON.stringify(kept)}
          onClick={() => change.mutate({ howCodes: codes })}
        >
          Keep the codes
        </Button>
      </Box>
    </Box>
  );
}
