import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { useLadders } from '../sets/useSets';
import { lessonAt, ofRung } from './lessons';

/** A lesson on one step of a ladder, set out in one press. */
export function StepChooser() {
  const ladders = useLadders();
  const navigate = useNavigate();
  const [operation, setOperation] = useState('addition');
  const [rung, setRung] = useState('');
  const rungs = ladders.data?.find((each) => each.operation === operation)?.rungs ?? [];
  const chosen = rungs.find((each) => each.id === rung) ?? rungs[0];
  return (
    <Box component="section" aria-label="A lesson on one step" sx={{ mb: 3 }}>
      <Box component="h2" sx={{ fontSize: 17, m: '0 0 8px', borderBottom: `1px solid ${ink.hair}` }}>
        A lesson on one step
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <Select
          label="Operation"
          value={operation}
          options={(ladders.data ?? []).map(({ operation: id, title }) => ({ id, label: title }))}
          onChange={setOperation}
        />
        <Select
          label="Step"
          value={chosen?.id ?? ''}
          options={rungs.map(({ id, title }, index) => ({ id, label: `${index + 1}  ${title}` }))}
          onChange={setRung}
        />
      </Box>
      <Box sx={{ color: ink.faint, fontSize: 14, my: 0.5 }}>{chosen?.news}</Box>
      <Button
        variant="outlined"
        disabled={!chosen}
        onClick={() => chosen && navigate(lessonAt(ofRung(chosen.id)))}
      >
        Set the lesson out
      </Button>
    </Box>
  );
}
