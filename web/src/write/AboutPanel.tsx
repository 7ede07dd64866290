import { Box, Button } from '@mui/material';
import { useState, type FormEvent } from 'react';
import { Field } from '../app/Field';
import { Select } from '../app/Select';
import { Tick } from '../app/Tick';
import { markings } from './BeginScreen';
import { useSettingsChange, type AttemptView } from './useAttempts';

/** How this paper is written and judged. */
export function AboutPanel({ attempt }: { attempt: AttemptView }) {
  const { settings } = attempt;
  const change = useSettingsChange(attempt.id);
  const [copied, setCopied] = useState(settings.copiedAs ?? '');
  const keepCopied = (event: FormEvent) => {
    event.preventDefault();
    change.mutate({ ...settings, copiedAs: copied.trim() || undefined });
  };
  return (
    <Box>
      <Tick
        label="Show which square comes next"
        checked={settings.led}
        onChange={(led) => change.mutate({ ...settings, led })}
      />
      <Select
        label="It is marked"
        value={settings.marking ?? 'end'}
        options={markings}
        onChange={(marking) => change.mutate({ ...settings, marking })}
      />
      <Box component="form" onSubmit={keepCopied} sx={{ mt: 2 }}>
        <Field
          label="Copied the question as"
          value={copied}
          onChange={setCopied}
          hint="The paper is judged against that; empty where it was copied rightly."
          fault={change.error?.message}
        />
        <Button type="submit" variant="outlined">
          Judge it so
        </Button>
      </Box>
      <Box sx={{ mt: 2 }}>
        <Tick
          label="By a way of their own: only the answer is judged"
          checked={settings.ownWay}
          onChange={(ownWay) => change.mutate({ ...settings, ownWay })}
        />
      </Box>
    </Box>
  );
}
