import { Box } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { Tick } from '../app/Tick';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { usePreferences, usePreferencesChange } from './usePreferences';

/** A teacher's own cue for each kind of step, and which keys they want. */
export function OwnWords() {
  const preferences = usePreferences();
  const change = usePreferencesChange();
  const { data } = preferences;
  return (
    <Box sx={{ mt: 2.5 }}>
      <Trouble message={preferences.error?.message} />
      {data && (
        <>
          <Tick
            label="Keys of a single letter do something (p plays the steps; n, a, m … on the board)"
            checked={data.chosen.letterKeys}
            onChange={(letterKeys) => change.mutate({ letterKeys })}
          />
          <Trouble message={change.error?.about('letterKeys')} />
          <Box component="p" sx={{ color: ink.faint, m: '14px 0 18px', maxWidth: 760 }}>
            What do you say when a class does this? A cue that you write stands small above the sentence, on
            Paper, on the board and on “How we write it”. Leave empty what you have no cue for.
          </Box>
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: 'repeat(auto-fill, minmax(min(290px, 100%), 1fr))',
              columnGap: '34px',
              rowGap: '6px',
            }}
          >
            {data.kinds.map((kind) => (
              <OneCue key={kind.id} kind={kind} kept={data.chosen.cues[kind.id] ?? ''} />
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

/** Kept when one leaves the field, so that every word is typed in peace. */
function OneCue({ kind, kept }: { kind: Schemas['StepKindView']; kept: string }) {
  const [cue, setCue] = useState(kept);
  const change = usePreferencesChange();
  const keep = () => {
    if (cue.trim() !== kept) {
      change.mutate({ cues: { [kind.id]: cue.trim() } });
    }
  };
  return (
    <Field
      label={kind.label[0]?.toUpperCase() + kind.label.slice(1)}
      value={cue}
      onChange={setCue}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      fault={change.error?.message}
    />
  );
}
