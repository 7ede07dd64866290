import { Box, useMediaQuery, type Theme } from '@mui/material';
import { SlipThumb } from '../glance/SlipThumb';
import { ink } from '../app/ink';
import type { Answer, Marking, Paper } from './useMarking';

/** The cause that stands for a wrong answer: the teacher's own, else what fits best where that is likely. */
function causeOf(answer: Answer) {
  const presumed = answer.say ? undefined : answer.presumed[0];
  return answer.cause
    ? { slip: answer.cause, with: undefined, name: answer.causeName ?? answer.cause }
    : presumed && { slip: presumed.slip, with: presumed.with, name: presumed.name };
}

/** Where there is room: the child's wrong answers as they seem to have been written, each ringed where it broke. */
export function AsItSeems({ marking, paper }: { marking: Marking; paper: Paper }) {
  const room = useMediaQuery<Theme>((theme) => theme.breakpoints.up('xl'));
  const questions = marking.sheets.find((sheet) => sheet.code === paper.sheet)?.questions ?? [];
  const seen = paper.answers.flatMap((answer) => {
    const question = questions[answer.question - 1];
    const cause = answer.verdict === 'wrong' && causeOf(answer);
    return question && cause ? [{ answer, question, cause }] : [];
  });
  if (!room || seen.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label="As it seems to have been written">
      <Box component="h2" sx={{ fontSize: 17, m: '0 0 6px', borderBottom: `1px solid ${ink.hair}` }}>
        As it seems
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2 }}>
        {seen.map(({ answer, question, cause }) => (
          <Box key={`${answer.question} ${cause.slip}`} sx={{ maxWidth: 170 }}>
            <Box sx={{ fontSize: 14, color: ink.faint, mb: 0.25 }}>
              {answer.question}. {cause.name}
            </Box>
            <SlipThumb
              slip={cause.slip}
              with={cause.with}
              name={cause.name}
              operation={question.operation}
              problem={question.problem}
            />
          </Box>
        ))}
      </Box>
    </Box>
  );
}
