import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { SmallSheet } from '../sheet/SmallSheet';

type Props = { choice: Schemas['ChoiceView']; example: Schemas['ShownChoiceView'] | undefined };

/** A choice shown on a small sum as it is chosen: its paper, or a sentence. */
export function ChoiceExample({ choice, example }: Props) {
  if (!example) {
    return <Box sx={{ height: 118, mt: 1, border: `1px solid ${ink.hair}`, bgcolor: ink.sheet }} />;
  }
  return (
    <Box sx={{ mt: 1 }}>
      {example.says && (
        <Box sx={{ fontFamily: digits, color: ink.faint, fontSize: 16, mb: 1 }}>“{example.says}”</Box>
      )}
      {example.marks.length > 0 && (
        <SmallSheet marks={example.marks} name={`${choice.title}: ${example.problem}`} />
      )}
    </Box>
  );
}
