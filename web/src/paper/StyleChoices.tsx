import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { Select } from '../app/Select';
import { ink } from '../app/ink';

type Props = {
  choices: Schemas['ChoiceView'][];
  chosen: Record<string, string>;
  onChoose: (choice: string, option: string) => void;
};

/** The choices of a house style, each a list to choose from; paper and sentence follow at once. */
export function StyleChoices({ choices, chosen, onChoose }: Props) {
  return (
    <Box>
      {choices.map((choice, i) => (
        <Box key={choice.id}>
          {choice.group !== choices[i - 1]?.group && (
            <Box sx={{ color: ink.faint, fontSize: 13, fontWeight: 650, mt: i ? 2 : 0 }}>{choice.group}</Box>
          )}
          <Select
            label={choice.title}
            value={chosen[choice.id] ?? ''}
            options={choice.options}
            onChange={(option) => onChoose(choice.id, option)}
          />
        </Box>
      ))}
    </Box>
  );
}
