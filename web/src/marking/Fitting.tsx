import type { Schemas } from '../api/client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { ink } from '../app/ink';
import type { Answer, Marking } from './useMarking';

function Causes({ label, causes }: { label: string; causes: { id: string; name: string }[] }) {
  return causes.length === 0 ? null : (
    <optgroup label={label}>
      {causes.map((cause) => (
        <option key={cause.id} value={cause.id}>
          {cause.name}
        </option>
      ))}
    </optgroup>
  );
}

type Props = {
  operation: Schemas['Operation'];
  answer: Answer;
  marking: Marking;
  /** Whether it is known by now what fits. */
  judged: boolean;
  onDecide: (cause: string | undefined) => void;
  onOpen: (presumed: Answer['presumed'][number]) => void;
};

/** What fits a wrong answer: the likeliest, the next likeliest, and what the teacher decides. */
export function Fitting({ operation, answer, marking, judged, onDecide, onOpen }: Props) {
  const [rank, setRank] = useState(0);
  // Where nothing is likely that is said first; what fits a little comes after it.
  const ranked = answer.say ? [undefined, ...answer.presumed] : answer.presumed;
  const presumed = ranked[rank % Math.max(1, ranked.length)];
  const fitting = answer.presumed.map((each) => ({ id: each.slip, name: each.name }));
  const others = marking.causes.filter(
    (cause) =>
      (!cause.operation || cause.operation === operation) && !fitting.some((each) => each.id === cause.id),
  );
  return (
    <Box
      sx={{
        display: 'flex',
        columnGap: 1,
        alignItems: 'baseline',
        flexWrap: 'wrap',
        '& button': { p: '0 4px', minWidth: 0 },
      }}
    >
      {answer.cause ? (
        <Box component="span" sx={{ color: ink.plum, fontWeight: 650 }}>
          {answer.causeName}
        </Box>
      ) : presumed ? (
        <span>
          {presumed.name}{' '}
          <Box component="span" sx={{ color: ink.faint }}>
            {presumed.sureness}
          </Box>
        </span>
      ) : (
        <Box component="span" sx={{ color: ink.faint }}>
          {judged ? answer.say || 'nothing known fits; look at the paper' : 'looking for what fits …'}
        </Box>
      )}
      {presumed && !answer.cause && (
        <Button
          onClick={() => onDecide(presumed.slip)}
          aria-label={`Confirm ${presumed.name} in question ${answer.question}`}
        >
          Confirm
        </Button>
      )}
      {ranked.length > 1 && !answer.cause && (
        <Button
          onClick={() => setRank(rank + 1)}
          aria-label={`Next likeliest in question ${answer.question}`}
        >
          Next likeliest
        </Button>
      )}
      {presumed && (
        <Button onClick={() => onOpen(presumed)} aria-label={`See question ${answer.question} step by step`}>
          See
        </Button>
      )}
      <Box
        component="select"
        aria-label={`Cause seen in the book, question ${answer.question}`}
        value={answer.cause ?? ''}
        onChange={(event) => onDecide((event.target as HTMLSelectElement).value || undefined)}
        sx={{
          font: 'inherit',
          fontSize: 14,
          color: ink.faint,
          bgcolor: 'transparent',
          border: 0,
          maxWidth: 150,
        }}
      >
        <option value="">{answer.cause ? 'take back' : 'another cause …'}</option>
        <Causes label="Fits this answer" causes={fitting} />
        <Causes label="In the order of the working" causes={others.filter((each) => each.operation)} />
        <Causes label="Seen in the book" causes={others.filter((each) => !each.operation)} />
      </Box>
    </Box>
  );
}
