import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { useInSight } from '../app/useInSight';
import type { Listed, WhoIsMeant } from './useClasses';

type Props = { questions: WhoIsMeant[]; onSay: (said: Map<string, Listed>) => void };

/** Asks whose a line is where a new child and a new spelling look alike. */
export function WhoQuestions({ questions, onSay }: Props) {
  const box = useInSight<HTMLDivElement>();
  const [said, setSaid] = useState<Record<string, string>>({});
  const answer = (asked: WhoIsMeant): Listed =>
    said[asked.name] === 'new'
      ? { name: asked.name, newcomer: true }
      : { id: Number(said[asked.name]), name: asked.name };
  return (
    <Box
      ref={box}
      role="alert"
      sx={{ border: `2px solid ${ink.amberDeep}`, bgcolor: ink.sheet, p: 1.5, my: 1 }}
    >
      <b>Who is meant?</b> Nothing is kept yet. Say it, so that nobody’s papers are lost.
      {questions.map((asked) => (
        <Box key={asked.name} sx={{ mt: 1 }}>
          <Select
            label={`“${asked.name}” is`}
            value={said[asked.name] ?? ''}
            options={[
              { id: '', label: 'choose' },
              ...asked.candidates.map((each) => ({
                id: String(each.id),
                label:
                  each.name === asked.name ? `${each.name} who was here before` : `${each.name}, spelt anew`,
              })),
              { id: 'new', label: 'somebody new' },
            ]}
            onChange={(value) => setSaid({ ...said, [asked.name]: value })}
          />
        </Box>
      ))}
      <Button
        variant="outlined"
        sx={{ mt: 1 }}
        disabled={questions.some((asked) => !said[asked.name])}
        onClick={() => onSay(new Map(questions.map((asked) => [asked.name, answer(asked)])))}
      >
        Keep it so
      </Button>
    </Box>
  );
}
