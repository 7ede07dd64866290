import { Box, Button } from '@mui/material';
import { useCallback, useEffect, useRef, useState } from 'react';
import { digits, ink } from '../app/ink';
import type { Schemas } from '../api/client';
import { focusOnPaper } from '../write/focus';
import type { Figure } from '../write/figures';
import { NumberPad } from '../write/NumberPad';
import { plain, useMarkedSoFar, usePaperToWriteOn, type Paper } from '../write/useAttempts';
import { usePen } from '../write/usePen';
import { writeKeys } from '../write/writeKeys';
import { WritingSheet } from '../write/WritingSheet';
import { BoardTrouble } from './BoardTrouble';
import { Fetching } from './Fetching';
import { LessonCorner } from './LessonCorner';
import type { Lesson } from './useLesson';

type Props = { lesson: Lesson; work: Schemas['WorkRequest']; onLeave: () => void };

/** Somebody comes to the board and writes; the class says right or not, then the paper does. Nothing of it is kept. */
export function WriteOnBoard({ lesson, work, onLeave }: Props) {
  const paper = usePaperToWriteOn(work, plain);
  if (paper.isError) {
    return <BoardTrouble message={paper.error.message} onLeave={onLeave} />;
  }
  if (!paper.data) {
    return <Fetching lesson={lesson} onLeave={onLeave} />;
  }
  return <Writing lesson={lesson} work={work} paper={paper.data} onLeave={onLeave} />;
}

function Writing({ lesson, work, paper, onLeave }: Props & { paper: Paper }) {
  const [figures, setFigures] = useState<Figure[]>([]);
  const [begun] = useState(() => Date.now());
  const add = useCallback((more: Figure[]) => setFigures((before) => [...before, ...more]), []);
  const pen = usePen(paper, figures, begun, add);
  /** How much stood there when it was asked whether it is right; what is written afterwards is not judged yet. */
  const [judged, setJudged] = useState<number>();
  const told = judged === figures.length && figures.length > 0;
  const soFar = useMarkedSoFar({ work }, plain, figures, told);
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => focusOnPaper(frame.current), []);

  const forward = () => (figures.length > 0 && !told ? setJudged(figures.length) : lesson.next());
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const does: Record<string, () => void> = {
        PageDown: forward,
        PageUp: lesson.previous,
        Escape: onLeave,
      };
      const action = event.defaultPrevented ? undefined : does[event.key];
      if (action) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
  const wrong = soFar?.figures.some((figure) => figure.verdict === 'wrong');
  return (
    <Box
      component="main"
      data-testid="writing-on-board"
      ref={frame}
      sx={{
        height: '100vh',
        display: 'grid',
        gridTemplateRows: 'minmax(0, 1fr) auto',
        bgcolor: ink.page,
        color: ink.ink,
      }}
    >
      <Box
        sx={{
          display: 'grid',
          minHeight: 0,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 300px' },
          gridTemplateRows: { xs: 'minmax(0, 1fr) auto', md: 'minmax(0, 1fr)' },
        }}
      >
        <WritingSheet
          paper={paper}
          there={pen.there}
          at={pen.at}
          small={pen.small}
          marked={told ? soFar : undefined}
          name={pen.square?.name ?? ''}
          largest={120}
          onSquare={pen.goTo}
          onKeyDown={writeKeys(pen, () => undefined, forward)}
        />
        <Box sx={{ p: 2, alignSelf: 'end' }}>
          <NumberPad pen={pen} />
        </Box>
      </Box>
      <Box
        sx={{
          p: { xs: '8px 14px 12px', md: '10px 56px 18px' },
          minHeight: 120,
          borderTop: `2px solid ${ink.hair}`,
          display: 'flex',
          justifyContent: 'space-between',
          gap: 4,
        }}
      >
        <Box>
          <Box
            component="p"
            aria-live="polite"
            sx={{ font: `400 30px/1.3 ${digits}`, fontSize: { xs: 20, md: 30 }, m: 0 }}
          >
            {!told
              ? lesson.part?.does
              : wrong
                ? '✗ Something is not right yet.'
                : soFar
                  ? '✓ Right so far.'
                  : ''}
          </Box>
          <Button variant="outlined" sx={{ mt: 1 }} onClick={forward}>
            {figures.length > 0 && !told ? 'Is it right?' : 'Go on with the lesson'}
          </Button>
        </Box>
        <Box sx={{ textAlign: 'right', pt: 1 }}>
          <LessonCorner lesson={lesson} />
        </Box>
      </Box>
    </Box>
  );
}
