import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/theme';
import { useWorked } from '../paper/usePaper';
import { SmallSheet } from '../sheet/SmallSheet';

/** The groups whose choices are heard, with the step that is said. */
const spokenSteps: Record<string, number> = { Words: 1, Steps: 1, Numbers: 0 };
/** Choices that are heard though others of their group are seen. */
const spokenStepsOfOne: Record<string, number> = { divisionTalk: 1, payBack: 4, pointOrder: 1, partSums: 2 };
/** Choices that are seen, with the step at which: what they change is there for a while, or only in the check, or stays. */
const seenSteps: Record<string, number> = {
  rootBoxes: 1,
  crossLines: 3,
  crossProducts: 3,
  rootEstimate: 6,
  checkPlace: Infinity,
};
const seenAmongSpoken = ['jotTotals', 'arrows'];
const checkGroup = 'Checks';

/** A choice shown on a small sum, live: its paper, its sentence, or its check. */
export function ChoiceExample(props: { choice: Schemas['ChoiceView']; chosen: Record<string, string> }) {
  const { choice, chosen } = props;
  const worked = useWorked({ ...choice.example, style: { ...chosen, ...choice.example.style } });
  if (!worked.data) {
    return <Box sx={{ height: 118, mt: 1 }} />;
  }
  const steps = worked.data.steps;
  const lastOfWork = steps.findLast((step) => step.part === 'work')?.n ?? 1;
  const seen = seenAmongSpoken.includes(choice.id) ? lastOfWork : seenSteps[choice.id];
  const spoken = seen === undefined ? (spokenStepsOfOne[choice.id] ?? spokenSteps[choice.group]) : undefined;
  return (
    <Box sx={{ mt: 1 }}>
      {choice.group === checkGroup && seen === undefined ? (
        <Box sx={{ fontFamily: digits, color: ink.faint }}>{worked.data.check.statement}</Box>
      ) : spoken !== undefined ? (
        <Box sx={{ fontFamily: digits, color: ink.faint, fontSize: 16 }}>“{steps[spoken]?.say}”</Box>
      ) : (
        <SmallSheet
          sheet={worked.data.sheet}
          step={Math.min(seen ?? lastOfWork, steps.length)}
          name={`${choice.title}: ${worked.data.problem}`}
        />
      )}
    </Box>
  );
}
