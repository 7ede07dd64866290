import { Box, Button } from '@mui/material';
import { ink } from '../app/ink';
import type { Paper } from './useMarking';

type Props = { paper: Paper; onConfirm: (cause: string, questions: number[], name: string) => void };

/** Causes that several answers of one paper share, each confirmed by one press; a single answer is taken out below. */
export function SharedCauses({ paper, onConfirm }: Props) {
  const causes = new Map<string, { name: string; questions: number[] }>();
  for (const answer of paper.answers) {
    const presumed = answer.presumed[0];
    if (answer.verdict === 'wrong' && !answer.cause && !answer.say && presumed) {
      const known = causes.get(presumed.slip) ?? { name: presumed.name, questions: [] };
      known.questions.push(answer.question);
      causes.set(presumed.slip, known);
    }
  }
  const shared = [...causes].filter(([, { questions }]) => questions.length > 1);
  return shared.map(([slip, { name, questions }]) => (
    <Box key={slip} sx={{ mb: 0.75, display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
      <span>
        <b>{name}</b>{' '}
        <Box component="span" sx={{ color: ink.faint }}>
          fits questions {questions.join(', ')}
        </Box>
      </span>
      <Button
        variant="outlined"
        sx={{ p: '1px 10px' }}
        onClick={() => onConfirm(slip, questions, name)}
        aria-label={`Confirm all ${questions.length}: ${name}`}
      >
        Confirm all {questions.length}
      </Button>
    </Box>
  ));
}
