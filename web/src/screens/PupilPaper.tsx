import { visuallyHidden } from '@mui/utils';
import { useEffect, useId, useRef } from 'react';
import { Trouble } from '../app/Trouble';
import { useBegunAgain } from '../write/begunAgain';
import { inSquare } from '../write/figures';
import { focusOnPaper } from '../write/focus';
import { heard } from '../write/marksOfPaper';
import { NumberPad } from '../write/NumberPad';
import { useAttempt } from '../write/useAttempt';
import type { AttemptView, Paper } from '../write/useAttempts';
import { usePen } from '../write/usePen';
import { pressFirst, writeKeys } from '../write/writeKeys';
import { WritingSheet } from '../write/WritingSheet';
import { toAllQuestions, toPaper } from './openPaper';
import { toAChild, useOwnNext, useOwnPaper, useOwnSquares, type OwnSet } from './useIn';

/** One of a pupil's questions, to be written. */
export function PupilPaper({ id, own }: { id: number; own: OwnSet }) {
  const attempt = useOwnPaper(id);
  const paper = useOwnSquares(id);
  const fault = attempt.error ?? paper.error;
  if (fault || !attempt.data || !paper.data) {
    return (
      <div className="opening">
        {fault ? <Trouble message={toAChild(fault.message)} /> : 'Fetching paper …'}{' '}
        <a href={toAllQuestions}>All questions</a>
      </div>
    );
  }
  return <Written attempt={attempt.data} paper={paper.data} own={own} />;
}

function Written({ attempt, paper, own }: { attempt: AttemptView; paper: Paper; own: OwnSet }) {
  const keeping = useAttempt(attempt, 'in');
  const again = useBegunAgain(paper, keeping.figures);
  const pen = usePen(again.pen, keeping.figures, Date.parse(attempt.begunAt), keeping.add);
  const led = useOwnNext(attempt, keeping.figures);
  const next = led && !led.done ? again.pen.squares.findIndex((square) => inSquare(led, square)) : -1;
  const sheet = useRef<HTMLDivElement>(null);
  const foot = useId();
  const { goTo } = pen;
  useEffect(() => {
    if (attempt.settings.led && next >= 0) {
      goTo(next);
    }
  }, [attempt.settings.led, next, goTo]);
  useEffect(() => {
    focusOnPaper(sheet.current);
  }, []);
  const index = own.questions.findIndex((question) => question.paper === attempt.id);
  const after = own.questions[index + 1];
  const begun = keeping.figures.length > 0;
  const frozen = own.handedIn || own.ended;
  return (
    <div className="own-paper">
      <div className="line across">
        <a href={toAllQuestions}>All questions</a>
        <h1>
          {attempt.question}. {attempt.problem}
        </h1>
        <div role="status" className="faint small to-the-end">
          {keeping.saving === 'saved'
            ? begun
              ? '✓ saved'
              : ''
            : keeping.saving === 'saving'
              ? 'saving …'
              : keeping.refused
                ? ''
                : '… kept on this device'}
        </div>
        {frozen && (
          <b role="status" className="large whole-line">
            {keeping.saving === 'waiting'
              ? 'This is handed in, but for what you wrote last: it is still on this device. Tell your teacher.'
              : own.ended
                ? 'Your teacher has ended this set. What you wrote is handed in.'
                : 'This is handed in.'}
          </b>
        )}
        {keeping.refused && !frozen && (
          <div className="whole-line">
            <Trouble message={`${keeping.refused} What you wrote is kept on this device.`} />
          </div>
        )}
      </div>
      <div ref={sheet} className="sheet">
        <WritingSheet
          paper={again.sheet}
          there={pen.there}
          crossedOut={again.crossedOut}
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
        <div aria-live="polite" style={visuallyHidden}>
          {pen.square && heard(pen.square, pen.there, new Map())}
        </div>
      </div>
      <div>
        <div className="faint small">
          {pen.square?.name}
          {pen.atEnd && ': the line is full here'}
        </div>
        {!frozen && (
          <>
            <NumberPad pen={pen} />
            <button type="button" className="button underlined" onClick={pen.undo}>
              Undo
            </button>
            {!again.again && (
              <button
                type="button"
                className="button underlined"
                onClick={() => again.begin(goTo, sheet.current)}
              >
                Begin again below
              </button>
            )}
          </>
        )}
      </div>
      <div id={foot} className="across">
        <a className="button full large" href={after ? toPaper(after.paper) : toAllQuestions}>
          {after ? 'Next question' : 'To all questions'}
        </a>
      </div>
    </div>
  );
}
