import { Box } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { StepsPicture } from './StepsPicture';
import { useClassSteps } from './useGlance';

/** A class on one rung through the weeks, a line a child. */
export function ClassSteps({ id, name }: { id: number; name: string }) {
  const [rung, setRung] = useState<string>();
  const [until, setUntil] = useState<string>();
  const shown = useClassSteps(id, rung, until);
  if (!shown.data) {
    return shown.isError ? <Trouble message={shown.error.message} /> : <Box>Setting the weeks out …</Box>;
  }
  const { rungs, steps } = shown.data;
  const chosen = rungs.find((each) => each.id === (rung ?? shown.data.rung));
  // What is drawn is named by itself, also while another step is still on its way.
  const drawn = rungs.find((each) => each.id === shown.data.rung);
  if (!chosen || !drawn) {
    return (
      <Box sx={{ color: ink.faint, fontSize: 18, mt: 2 }}>
        No answer of this class stands on a step yet. <Link to="/marking">Mark a pile</Link>; then each child
        has a line here.
      </Box>
    );
  }
  return (
    <Box>
      <Box sx={{ maxWidth: 420 }}>
        <Select
          label="Step"
          value={chosen.id}
          options={rungs}
          onChange={(next) => {
            setRung(next);
            setUntil(undefined);
          }}
        />
      </Box>
      <Trouble message={shown.error?.message} />
      <StepsPicture
        steps={steps}
        name={`${name}, ${drawn.label}`}
        head={(line) => <Link to={`/pupils/${line.pupil}`}>{line.title}</Link>}
        onUntil={setUntil}
      />
    </Box>
  );
}
