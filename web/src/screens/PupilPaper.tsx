import { visuallyHidden } from '@mui/utils';
import { Box, Button } from '@mui/material';
import { useEffect, useId, useRef } from 'react';
import { Link, useParams } from 'react-router';
import { digits, ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { inSquare } from '../write/figures';
import { heard } from '../write/marksOfPaper';
import { NumberPad } from '../write/NumberPad';
import { useAttempt } from '../write/useAttempt';
import type { AttemptView, Paper } from '../write/useAttempts';
import { usePen } from '../write/usePen';
import { pressFirst, writeKeys } from '../write/writeKeys';
import { WritingSheet } from '../write/WritingSheet';
import { toAChild, useOwnNext, useOwnPaper, useOwnSquares, type OwnSet } from './useScreens';

/** One of a pupil's questions, to be written. */
export function PupilPaper({ own }: { own: OwnSet }) {
  const id = Number(useParams().paper);
  const attempt = useOwnPaper(id);
  const paper = useOwnSquares(id);
  const fault = attempt.error ?? paper.error;
  if (fault || !attempt.data || !paper.data) {
    return (
      <Box sx={{ p: 3 }}>
        {fault ? <Trouble message={toAChild(fault.message)} /> : 'Fetching paper …'}{' '}
        <Link to="/in">All questions</Link>
      </Box>
    );
  }
  return <Written key={id} attempt={attempt.data} paper={paper.data} own={own} />;
}

function Written({ attempt, paper, own }: { attempt: AttemptView; paper: Paper; own: OwnSet }) {
  const keeping = useAttempt(attempt, 'in');
  const pen = usePen(paper, keeping.figures, Date.parse(attempt.begunAt), keeping.add);
  const led = useOwnNext(attempt, keeping.figures);
  const next = led && !led.done ? paper.squares.findIndex((square) => inSquare(led, square)) : -1;
  const sheet = useRef<HTMLDivElement>(null);
  const foot = useId();
  const { goTo } = pen;
  useEffect(() => {
    if (attempt.settings.led && next >= 0) {
      goTo(next);
    }
  }, [attempt.settings.led, next, goTo]);
  useEffect(() => {
    sheet.current?.querySelector<HTMLElement>('[data-testid=writing]')?.focus();
  }, []);
  const index = own.questions.findIndex((question) => question.paper === attempt.id);
  const after = own.questions[index + 1];
  const begun = keeping.figures.length > 0;
  const frozen = own.handedIn || own.ended;
  return (
    <Box
      sx={{
        minHeight: '100dvh',
        p: '12px 14px',
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 250px' },
        gridTemplateRows: { xs: 'auto minmax(250px, 46vh) auto auto', md: 'auto minmax(0, 1fr) auto' },
        gap: 1.5,
        maxWidth: 1180,
        mx: 'auto',
      }}
    >
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Link to="/in">All questions</Link>
        <Box component="h1" sx={{ m: 0, font: `400 25px ${digits}`, overflowWrap: 'anywhere' }}>
          {attempt.question}. {attempt.problem}
        </Box>
        <Box role="status" sx={{ ml: 'auto', color: ink.faint, fontSize: 14 }}>
          {keeping.saving === 'saved'
            ? begun
              ? '✓ saved'
              : ''
            : keeping.saving === 'saving'
              ? 'saving …'
              : keeping.refused
                ? ''
                : '… kept on this device'}
        </Box>
        {frozen && (
          <Box role="status" sx={{ width: '100%', fontSize: 18, fontWeight: 650 }}>
            {keeping.saving === 'waiting'
              ? 'This is handed in, but for what you wrote last: it is still on this device. Tell your teacher.'
              : own.ended
                ? 'Your teacher has ended this set. What you wrote is handed in.'
                : 'This is handed in.'}
          </Box>
        )}
        {keeping.refused && !frozen && (
          <Box sx={{ width: '100%' }}>
            <Trouble message={`${keeping.refused} What you wrote is kept on this device.`} />
          </Box>
        )}
      </Box>
      <Box ref={sheet} sx={{ display: 'grid', minHeight: 0 }}>
        <WritingSheet
          paper={paper}
          there={pen.there}
          at={pen.at}
          small={pen.small}
          next={next < 0 ? undefined : next}
          name={attempt.problem}
          onSquare={pen.goTo}
          onKeyDown={
            frozen
              ? () => undefined
              : writeKeys(
                  pen,
                  () => undefined,
                  () => pressFirst(foot),
                )
          }
        />
        <Box aria-live="polite" sx={visuallyHidden}>
          {pen.square && heard(pen.square, pen.there, new Map())}
        </Box>
      </Box>
      <Box>
        <Box sx={{ color: ink.faint, fontSize: 14, minHeight: 22 }}>
          {pen.square?.name}
          {pen.atEnd && ': the line is full here'}
        </Box>
        {!frozen && (
          <>
            <NumberPad pen={pen} />
            <Button onClick={pen.undo} sx={{ textDecoration: 'underline' }}>
              Undo
            </Button>
          </>
        )}
      </Box>
      <Box id={foot} sx={{ gridColumn: '1 / -1' }}>
        <Button
          component={Link}
          variant="contained"
          to={after ? `/in/${after.paper}` : '/in'}
          sx={{ fontSize: 18 }}
        >
          {after ? 'Next question' : 'To all questions'}
        </Button>
      </Box>
    </Box>
  );
}
