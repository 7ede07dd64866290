import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { keys } from '../api/keys';
import { ink } from '../app/ink';
import { useStyle, useWorked } from '../paper/usePaper';
import { visibleAt } from '../sheet/mark';
import { SmallSheet } from '../sheet/SmallSheet';
import { usePreferencesChange } from '../style/usePreferences';
import { useQueryClient } from '@tanstack/react-query';

type Way = {
  id: string;
  title: string;
  says: string;
  takes: string;
  to: string;
  work: Schemas['WorkRequest'];
  /** Up to which step its small picture is written. */
  step: 'set out' | 'some' | 'all';
};

const ways: Way[] = [
  {
    id: 'style',
    title: 'How do you write it?',
    says: 'Six questions, each in small papers: press the one that is yours. Everything follows then.',
    takes: '1 minute',
    to: '/begin/style',
    work: { problem: '403 - 128' },
    step: 'all',
  },
  {
    id: 'board',
    title: 'Work a sum in front of the class',
    says: 'Type it, and go through it step by step, full screen for the back row.',
    takes: '1 minute',
    to: '/paper?problem=358 %2B 276',
    work: { problem: '358 + 276' },
    step: 'some',
  },
  {
    id: 'sheet',
    title: 'Make tomorrow’s sheet',
    says: 'Say what it is to practise; questions are drawn, with answers and squares to write in.',
    takes: '5 minutes',
    to: '/sets',
    work: { problem: '46 × 37' },
    step: 'set out',
  },
  {
    id: 'mark',
    title: 'Mark the pile on your desk',
    says: 'Type what is wrong; you are told which rule was broken, and by whom.',
    takes: '10 minutes',
    to: '/marking',
    work: { problem: '503 - 128', slip: 'zeros-skipped' },
    step: 'all',
  },
  {
    id: 'write',
    title: 'Let the children write',
    says: 'Empty squares at any screen, figure by figure, by keyboard or by touch.',
    takes: '5 minutes',
    to: '/write',
    work: { problem: '738 ÷ 6' },
    step: 'some',
  },
];

/** What was never tried yet, each with a small live picture; what is done is not here any more. */
export function FirstWays({ toTry }: { toTry: string[] }) {
  const queries = useQueryClient();
  const preferences = usePreferencesChange();
  const leave = () =>
    preferences.mutate(
      { skipsFirstSteps: true },
      { onSuccess: () => void queries.invalidateQueries({ queryKey: keys.today }) },
    );
  return (
    <Box component="section" aria-label="To begin with" sx={{ mt: 1.5, mb: 3 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap', mb: 1 }}>
        <Box component="h2" sx={{ fontSize: 18, m: 0 }}>
          To begin with
        </Box>
        <Box sx={{ color: ink.faint, fontSize: 15 }}>
          In any order. What you have done falls off this list by itself.
        </Box>
        <Button onClick={leave} disabled={preferences.isPending}>
          I find my own way
        </Button>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))',
        }}
      >
        {ways
          .filter((way) => toTry.includes(way.id))
          .map((way) => (
            <OneWay key={way.id} way={way} />
          ))}
      </Box>
    </Box>
  );
}

function OneWay({ way }: { way: Way }) {
  const style = useStyle();
  const worked = useWorked(style.data && { ...way.work, style: style.data.chosen });
  const ofWork = worked.data?.steps.filter((step) => step.part === 'work').length ?? 1;
  const step = way.step === 'set out' ? 1 : way.step === 'some' ? Math.ceil(ofWork / 2) : ofWork;
  return (
    <Box
      component={Link}
      to={way.to}
      sx={{
        display: 'flex',
        flexDirection: 'column',
        gap: 0.5,
        color: ink.ink,
        textDecoration: 'none',
        '&:hover b, &:focus-visible b': { textDecoration: 'underline' },
      }}
    >
      {worked.data ? (
        <SmallSheet marks={visibleAt(worked.data.sheet.marks, step)} name={way.title} />
      ) : (
        <Box sx={{ height: 118, bgcolor: ink.sheet, border: `1px solid ${ink.hair}` }} />
      )}
      <b>{way.title}</b>
      <Box sx={{ fontSize: 15 }}>{way.says}</Box>
      <Box sx={{ fontSize: 14, color: ink.faint }}>{way.takes}</Box>
    </Box>
  );
}
