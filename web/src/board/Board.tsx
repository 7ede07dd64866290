import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { ink } from '../app/ink';
import { BesidePaper } from '../paper/BesidePaper';
import { PicturePainter } from '../picture/PicturePainter';
import { usePictures } from '../picture/usePictures';
import { SheetPainter } from '../sheet/SheetPainter';
import type { Subject } from './subject';
import { BoardHelp } from './BoardHelp';
import { BoardSentence } from './BoardSentence';
import { EmptyBoxes } from './EmptyBoxes';
import { FactPanel } from './FactPanel';
import { MistakeMarks } from './MistakeMarks';
import { PictureChooser } from './PictureChooser';
import { SlipChooser } from './SlipChooser';
import { useBoard } from './useBoard';
import { useLongPress } from './useLongPress';
import { useReached } from './useReached';
import type { Lesson } from './useLesson';
import type { Mistake } from './useMistake';

const questions = { '': '', mistake: 'what went wrong here?', odd: 'odd, but is it right?' };

type Props = {
  worked: Schemas['WorkResponse'];
  subject: Subject;
  startAt: number;
  lesson: Lesson;
  mistake: Mistake;
  onLeave: (step: number) => void;
};

/** Nothing but paper, sentence and, if wanted, a picture; a clicker carries a whole lesson. */
export function Board({ worked, subject, startAt, lesson, mistake, onLeave }: Props) {
  const board = useBoard(worked, startAt, subject, lesson, mistake, onLeave);
  useReached({ item: lesson.at, step: board.current });
  // A picture would tell what is looked for; once that is ringed it shows what this hand did.
  const hidden = subject.looking !== '' && !mistake.ringed;
  const pictures = usePictures(
    mistake.ringed ? mistake.shown : subject.work,
    board.open === 'pictures' || board.picture !== '',
  );
  const picture = hidden ? undefined : pictures.data?.find((each) => each.id === board.picture);
  const step = worked.steps[board.current - 1];
  const press = useLongPress(board.forward, board.help);
  return (
    <Box
      component="main"
      data-testid="board"
      data-goes-on
      tabIndex={-1}
      data-contrast={board.contrast ? 'strong' : undefined}
      sx={{
        height: '100vh',
        display: 'grid',
        gridTemplateRows: 'minmax(0, 1fr) auto',
        bgcolor: ink.sheet,
        color: ink.ink,
      }}
    >
      <Box
        {...press}
        sx={{
          display: 'grid',
          gridTemplateColumns:
            picture || board.isBeside ? 'minmax(0, 1fr) minmax(0, 0.9fr)' : 'minmax(0, 1fr)',
          minHeight: 0,
        }}
      >
        <SheetPainter
          sheet={worked.sheet}
          step={board.current}
          lastOfWork={board.lastOfWork}
          name={`step ${board.current}`}
          filling
        >
          <EmptyBoxes asked={board.asked} typed={board.typed} wrong={board.wrong} />
          <MistakeMarks
            worked={worked}
            step={board.current}
            ringed={mistake.ringed || board.isBeside}
            struck={mistake.struck}
          />
        </SheetPainter>
        {board.isBeside && subject.work ? (
          <Box sx={{ display: 'grid', minHeight: 0, '& p': { px: 2.5 } }}>
            <BesidePaper
              work={subject.work}
              method={worked.method}
              label="worked again"
              step={board.current}
              atEnd={board.current >= board.lastOfWork}
            />
          </Box>
        ) : (
          picture && <PicturePainter picture={picture} step={board.current} />
        )}
      </Box>
      <BoardSentence board={board} lesson={lesson} step={step} looking={questions[subject.looking]} />
      {board.open === 'help' && <BoardHelp keys={board.keys} onClose={board.close} />}
      {board.open === 'facts' && (
        <FactPanel find={(board.waiting ? board.next : step)?.find} onClose={board.close} />
      )}
      {board.open === 'pictures' && (
        <PictureChooser
          pictures={pictures.data}
          fault={pictures.error?.message}
          hidden={hidden}
          onChoose={board.choosePicture}
          onClose={board.close}
        />
      )}
      {mistake.choosing && <SlipChooser mistake={mistake} />}
    </Box>
  );
}
