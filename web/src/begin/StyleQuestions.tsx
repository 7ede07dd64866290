import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useStyle, useStyleChange, useWorked } from '../paper/usePaper';
import { visibleAt } from '../sheet/mark';
import { SmallSheet } from '../sheet/SmallSheet';
import { HowWeWriteIt } from '../style/HowWeWriteIt';

/** What people differ in most, and what is asked of it; the problem is one in which it shows. */
const questions = [
  { choice: 'carryPlace', asks: 'Where do your carries go?', problem: '147 + 285' },
  {
    choice: 'subtractionMethod',
    asks: 'How do you take away where the upper digit is too small?',
    problem: '403 - 128',
  },
  { choice: 'exchangeWriting', asks: 'How do you write the ten that was got?', problem: '42 - 17' },
  { choice: 'placeholder', asks: 'What stands at the end of the second row?', problem: '46 × 37' },
  { choice: 'divisionMethod', asks: 'How do you divide?', problem: '738 ÷ 6' },
  { choice: 'remainderMark', asks: 'How do you write what is left over?', problem: '97 ÷ 4' },
] as const;

/** Six questions asked by showing small papers side by side; whoever has pressed one is asked the next. */
export function StyleQuestions() {
  const style = useStyle();
  const change = useStyleChange();
  const [at, setAt] = useState(0);
  const question = questions[at];
  const choice = style.data?.choices.find((each) => each.id === question?.choice);
  const next = () => setAt((now) => now + 1);
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '18px 28px' }, maxWidth: 1160 }}>
      <Box component="h1" sx={{ m: 0 }}>
        How do you write it?
      </Box>
      <Trouble message={style.error?.message ?? change.error?.message} />
      {question && choice ? (
        <Box role="group" aria-label={question.asks}>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap', mt: 1 }}>
            <Box component="h2" sx={{ m: 0 }} aria-live="polite">
              {question.asks}
            </Box>
            <Box sx={{ color: ink.faint }}>
              {at + 1} of {questions.length}: press the paper that is yours.
            </Box>
          </Box>
          <Box
            sx={{
              display: 'grid',
              gap: 2,
              mt: 2,
              gridTemplateColumns: 'repeat(auto-fill, minmax(250px, 1fr))',
            }}
          >
            {choice.options.map((option) => (
              <Paper
                key={option.id}
                label={option.label}
                chosen={style.data?.chosen[choice.id] === option.id}
                work={{ problem: question.problem, style: { ...style.data?.chosen, [choice.id]: option.id } }}
                onPress={() => {
                  change.mutate({ [choice.id]: option.id });
                  next();
                }}
              />
            ))}
          </Box>
          <Box sx={{ display: 'flex', gap: 1.5, mt: 2 }}>
            <Button variant="outlined" onClick={() => setAt(at - 1)} disabled={at === 0}>
              Back
            </Button>
            <Button variant="outlined" onClick={next}>
              Leave this one out
            </Button>
          </Box>
        </Box>
      ) : (
        style.data && (
          <Box>
            <Box component="p" sx={{ maxWidth: 640 }}>
              This is how you write it. More can be chosen in <Link to="/style">House style</Link> whenever
              you like. <Link to="/today">To Today</Link>
            </Box>
            <HowWeWriteIt />
          </Box>
        )
      )}
    </Box>
  );
}

type Props = {
  label: string;
  chosen: boolean;
  work: Schemas['WorkRequest'];
  onPress: () => void;
};

function Paper({ label, chosen, work, onPress }: Props) {
  const worked = useWorked(work);
  const last = worked.data?.steps.findLast((step) => step.part === 'work')?.n ?? 1;
  return (
    <Box
      component="button"
      onClick={onPress}
      aria-pressed={chosen}
      sx={{
        font: 'inherit',
        color: ink.ink,
        textAlign: 'left',
        p: 1,
        cursor: 'pointer',
        bgcolor: 'transparent',
        border: `2px solid ${chosen ? ink.ink : ink.hair}`,
        '&:hover': { borderColor: ink.ink },
      }}
    >
      {worked.data ? (
        <SmallSheet marks={visibleAt(worked.data.sheet.marks, last)} name={label} />
      ) : (
        <Box sx={{ height: 118, bgcolor: ink.sheet }} />
      )}
      <Box sx={{ mt: 0.75 }}>{label}</Box>
    </Box>
  );
}
