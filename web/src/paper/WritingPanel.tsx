import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { StyleChoices } from './StyleChoices';
import type { Writing } from './useWriting';

type Props = { writing: Writing; choices: Schemas['ChoiceView'][]; fromLog: boolean };

/** The ways of writing, kept in the house style or for this working only. */
export function WritingPanel({ writing, choices, fromLog }: Props) {
  return (
    <>
      {!fromLog && (
        <Box component="label" sx={{ display: 'flex', gap: 1, mb: 1.5, fontSize: 15 }}>
          <input
            type="checkbox"
            checked={writing.apart}
            onChange={(event) => writing.setApart(event.target.checked)}
          />
          For this working only
        </Box>
      )}
      <StyleChoices choices={choices} chosen={writing.chosen} onChoose={writing.choose} />
    </>
  );
}
