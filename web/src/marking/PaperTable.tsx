import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { digits, ink } from '../app/ink';
import { stackedOnPhone } from '../app/theme';
import { appearsLate } from '../app/appearsLate';
import type { Opened } from './FindingDialog';
import { CopyWorking } from './CopyWorking';
import { Fitting } from './Fitting';
import type { Entry } from './entry';
import type { Answer, Marking, Paper } from './useMarking';

type Props = {
  marking: Marking;
  paper: Paper;
  /** What is not yet kept of it. */
  waiting: Entry[];
  onDecide: (cause: string | undefined, questions: number[], name: string) => void;
  onOpen: (opened: Opened) => void;
};

const verdicts: Record<string, { sign: string; word: string; colour: string }> = {
  right: { sign: '✓', word: 'right', colour: ink.right },
  wrong: { sign: '✗', word: 'wrong', colour: ink.wrong },
  blank: { sign: '–', word: 'left blank', colour: ink.faint },
  'not-reached': { sign: '/', word: 'not reached', colour: ink.faint },
  unclear: { sign: '?', word: 'unclear', colour: ink.plum },
};

/** An answer as short as this stays on one line: 60 r 2 is one thing. */
const oneLine = 18;

/** A paper, question by question, with what fits each wrong answer. */
export function PaperTable({ marking, paper, waiting, onDecide, onOpen }: Props) {
  const questions = marking.sheets.find((sheet) => sheet.code === paper.sheet)?.questions ?? [];
  return (
    <Box
      component="table"
      // Its columns stay where they are, whatever is typed.
      sx={{ width: '100%', borderCollapse: 'collapse', tableLayout: { sm: 'fixed' }, ...stackedOnPhone }}
    >
      <Box component="thead" sx={{ textAlign: 'left', color: ink.faint, fontSize: 14 }}>
        <tr>
          <th style={{ width: 40 }}>No.</th>
          <th style={{ width: '30%' }}>Question</th>
          <th style={{ width: '18%' }}>Stands there</th>
          <th>What fits it</th>
          <th style={{ width: 116 }}>
            <span style={visuallyHidden}>Its working</span>
          </th>
        </tr>
      </Box>
      <tbody>
        {questions.map((question, i) => {
          const answer = paper.answers.find((each) => each.question === i + 1);
          const under = waiting.findLast((entry) => entry.question === i + 1);
          return (
            <Box
              component="tr"
              key={i}
              sx={{
                '& td': { borderTop: `1px solid ${ink.hair}`, py: 0.5, pr: 2, verticalAlign: 'baseline' },
              }}
            >
              <Box component="td" sx={{ color: ink.faint, width: 34 }}>
                {i + 1}
              </Box>
              <Box component="td" sx={{ font: `400 17px ${digits}`, overflowWrap: 'anywhere' }}>
                {question.problem}{' '}
                <Box component="span" sx={{ color: ink.faint }}>
                  = {question.answer}
                </Box>
              </Box>
              <Box component="td" sx={{ overflowWrap: 'anywhere' }}>
                {under ? <Waiting entry={under} /> : answer && <Standing answer={answer} />}
              </Box>
              <td>
                {answer && !under && answer.verdict === 'wrong' && (
                  <Fitting
                    key={answer.given}
                    operation={question.operation}
                    answer={answer}
                    marking={marking}
                    judged={paper.judged}
                    onDecide={(cause) => onDecide(cause, [answer.question], cause ? 'the cause' : 'no cause')}
                    onOpen={({ slip, with: other }) =>
                      onOpen({
                        problem: question.problem,
                        given: answer.given,
                        slips: other ? [slip, other] : [slip],
                      })
                    }
                  />
                )}
              </td>
              <td>
                <CopyWorking marking={marking.id} pupil={paper.pupil.id} question={i + 1} />
              </td>
            </Box>
          );
        })}
      </tbody>
    </Box>
  );
}

/** What was typed and is not yet kept. */
function Waiting({ entry }: { entry: Entry }) {
  return (
    <span>
      <Box component="span" sx={{ font: `700 17px ${digits}`, color: ink.faint }}>
        {entry.shown || entry.says}
      </Box>
      <Box
        component="span"
        sx={{ color: ink.faint, fontSize: 14, ml: 1, whiteSpace: 'nowrap', ...appearsLate }}
      >
        not yet kept
      </Box>
    </span>
  );
}

function Standing({ answer }: { answer: Answer }) {
  const verdict = verdicts[answer.verdict] ?? verdicts.unclear;
  return (
    <span>
      <Box component="span" sx={{ color: verdict?.colour, fontWeight: 700, mr: 1 }}>
        <span aria-hidden>{verdict?.sign}</span>
        {!answer.given && (
          <Box component="span" sx={{ fontWeight: 400, ml: 0.5 }}>
            {verdict?.word}
          </Box>
        )}
      </Box>
      {answer.given && (
        <Box
          component="span"
          sx={{
            font: `700 17px ${digits}`,
            whiteSpace: answer.given.length < oneLine ? 'nowrap' : undefined,
          }}
          aria-label={`${answer.given}, ${verdict?.word}`}
        >
          {answer.given}
        </Box>
      )}
      {answer.correction && (
        <Box component="span" sx={{ font: `400 16px ${digits}`, color: ink.faint }}>
          {' '}
          corrected to {answer.correction}
        </Box>
      )}
      {answer.marks && (
        <Box component="span" sx={{ color: ink.faint, ml: 1, whiteSpace: 'nowrap' }}>
          {answer.marks.given} of {answer.marks.of} marks
        </Box>
      )}
      {answer.how && (
        <Box component="span" sx={{ color: ink.plum, ml: 1 }}>
          {answer.how}
        </Box>
      )}
    </span>
  );
}
