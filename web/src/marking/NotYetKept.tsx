import { Box, Button } from '@mui/material';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import type { Entry } from './entry';
import { drop, insist } from './queue';
import { usePile, type AnswerContent, type Marking } from './useMarking';

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

/** What was typed into a pile and is not yet kept: what is on its way, what was refused, what another window has changed. */
export function NotYetKept({ marking }: { marking: Marking }) {
  const pile = usePile(marking.id);
  const nameOf = (entry: Entry) => marking.papers.find((paper) => paper.pupil.id === entry.pupil)?.pupil.name;
  const onTheWay = pile.waiting.filter((entry) => entry.refused === undefined && entry.other === undefined);
  return (
    <>
      {pile.trouble && onTheWay.length > 0 && (
        <Box sx={{ mb: 1 }}>
          <Trouble message={`Not yet kept, on this device only: ${onTheWay.length} of what you typed.`}>
            {pile.trouble} It is tried again by itself; go on typing.
          </Trouble>
          <Box sx={{ color: ink.faint, fontSize: 14.5, ml: 2.5, maxHeight: 90, overflow: 'auto' }}>
            {onTheWay.map((entry) => `${nameOf(entry)}: ${entry.says}`).join(' · ')}
          </Box>
        </Box>
      )}
      {pile.waiting.map(
        (entry) =>
          entry.refused !== undefined && (
            <Box
              key={entry.key}
              sx={{ mb: 1, display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}
            >
              <Trouble message={`${nameOf(entry)}: “${entry.says}” is not kept. ${entry.refused}`} />
              <Button
                onClick={() => drop(marking.id, entry.key)}
                sx={{ p: 0 }}
                aria-label={`Let go: ${nameOf(entry)}, ${entry.says}`}
              >
                Let it go
              </Button>
            </Box>
          ),
      )}
      {pile.waiting.map(
        (entry) =>
          entry.other && (
            <Box
              key={entry.key}
              role="alert"
              sx={{ border: `2px solid ${ink.wrong}`, bgcolor: ink.sheet, p: 1.5, mb: 1 }}
            >
              <b>
                {nameOf(entry)}, question {entry.question}, was changed in another window.
              </b>{' '}
              There stands {inWords(entry.other.theirs)}; you have {entry.shown || entry.says}.
              <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
                <Button variant="outlined" onClick={() => insist(marking.id, entry.key)}>
                  Keep yours
                </Button>
                <Button variant="outlined" onClick={() => drop(marking.id, entry.key)}>
                  Leave the other
                </Button>
              </Box>
            </Box>
          ),
      )}
    </>
  );
}
