import { Box, Button } from '@mui/material';
import { ink } from '../app/theme';
import type { AnswerContent, Change, Conflict, Marking } from './useMarking';

type Props = {
  marking: Marking;
  conflict: Conflict;
  /** Keeps what was typed here after all. */
  onMine: (change: Change) => void;
  onTheirs: () => void;
};

const inWords = (answer: AnswerContent | undefined) =>
  !answer
    ? 'nothing'
    : [
        answer.given || answer.state.replace('-', ' '),
        answer.correction && `corrected to ${answer.correction}`,
        answer.how && `:${answer.how}`,
      ]
        .filter(Boolean)
        .join(', ');

/** Another window has kept something else of the same answer: both are shown, and one of them chosen. */
export function OtherWindow({ marking, conflict, onMine, onTheirs }: Props) {
  const { change, theirs } = conflict;
  if (change.kind !== 'answer' && change.kind !== 'remove') {
    return null;
  }
  const pupil = marking.papers.find((paper) => paper.pupil.id === change.pupil)?.pupil.name;
  return (
    <Box role="alert" sx={{ border: `2px solid ${ink.wrong}`, bgcolor: ink.sheet, p: 1.5, mb: 1 }}>
      <b>
        {pupil}, question {change.question}, was changed in another window.
      </b>{' '}
      There stands {inWords(theirs)}; you have{' '}
      {inWords(change.kind === 'answer' ? change.content : undefined)}.
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button variant="outlined" onClick={() => onMine(change)}>
          Keep yours
        </Button>
        <Button variant="outlined" onClick={onTheirs}>
          Leave the other
        </Button>
      </Box>
    </Box>
  );
}
