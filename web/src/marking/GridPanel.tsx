import { useVirtualizer, type Range } from '@tanstack/react-virtual';
import { Box, Button } from '@mui/material';
import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { GridSquare } from './GridSquare';
import { after, byQuestion, focusWhenDrawn, said, shown, squareId, waitingAt, width } from './gridSquares';
import { knownAs, takenBack } from './line';
import { NotYetKept } from './NotYetKept';
import { add, takeBack } from './queue';
import { usePile, type Form, type Marking, type Paper } from './useMarking';

const written: Record<string, string> = { '✓': '=', '–': '-', '': '<' };
const rowHeight = 31;
const namesWidth = 150;
/** Where the names stand, whichever questions are in sight. */
const besideRow = {
  position: 'sticky',
  left: 0,
  width: namesWidth,
  height: rowHeight,
  bgcolor: ink.page,
  zIndex: 1,
} as const;
/** How many squares beyond what is seen are drawn. */
const beyond = 4;

/** What is drawn of a line of squares: what is seen, and the one in which the hand is. */
const withFocused = (focused: number | undefined) => (range: Range) => {
  const first = Math.max(0, range.startIndex - beyond);
  const last = Math.min(range.count - 1, range.endIndex + beyond);
  const seen = Array.from({ length: last - first + 1 }, (_, i) => first + i);
  return focused === undefined || focused >= range.count || seen.includes(focused)
    ? seen
    : [...seen, focused].sort((one, other) => one - other);
};

/** Pupils down, questions across: each square takes an answer or a sign. */
export function GridPanel({ marking, forms }: { marking: Marking; forms: Form[] }) {
  const pile = usePile(marking.id);
  const [says, setSays] = useState('');
  // What was refused is said until its square is put right, whatever is typed elsewhere.
  const [faults, setFaults] = useState<Record<string, string>>({});
  const [focused, setFocused] = useState<[number, number]>();
  const scroller = useRef<HTMLDivElement>(null);
  const columns = Math.max(...marking.sheets.map((sheet) => sheet.questions.length));
  const there = useMemo(() => marking.papers.map(byQuestion), [marking.papers]);
  const widths = useMemo(
    () => Array.from({ length: columns }, (_, i) => width(marking, there, i)),
    [marking, there, columns],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- what it gives is used where it is made
  const rows = useVirtualizer({
    count: marking.papers.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    rangeExtractor: withFocused(focused?.[0]),
    scrollPaddingStart: rowHeight,
  });
  const across = useVirtualizer({
    horizontal: true,
    count: columns,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => widths[i] ?? 60,
    rangeExtractor: withFocused(focused?.[1]),
    scrollPaddingStart: namesWidth,
  });

  // The same for every square however often something is saved, so that a key draws one square and not all.
  const now = useRef({ forms, marking });
  useEffect(() => {
    now.current = { forms, marking };
  }, [forms, marking]);
  const take = useCallback((paper: Paper, question: number, typed: string | undefined) => {
    const line = typed === undefined ? undefined : `${question} ${written[typed] ?? typed}`;
    const known =
      line === undefined ? undefined : knownAs(line, now.current.forms, paper, now.current.marking);
    setFaults((before) =>
      said(
        before,
        squareId(paper, question),
        known?.kind === 'fault' ? `${paper.pupil.name}, question ${question}: ${known.fault}` : undefined,
      ),
    );
    if (known?.kind === 'entry') {
      setSays('');
      add(now.current.marking.id, known.entry);
    }
    return known?.kind === 'entry';
  }, []);

  const undo = () => {
    setSays(takenBack(takeBack(marking.id), marking));
  };

  const go = (row: number, column: number) => {
    rows.scrollToIndex(row);
    across.scrollToIndex(column);
    focusWhenDrawn(scroller.current, row, column);
  };

  const onKey = (event: KeyboardEvent<HTMLElement>) => {
    const from = (event.target as HTMLElement).dataset;
    if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      undo();
      return;
    }
    const next =
      from.row === undefined
        ? undefined
        : after(event.key, Number(from.row), Number(from.column), marking.papers.length, columns);
    if (next) {
      event.preventDefault();
      go(...next);
    }
  };

  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', mb: 1 }}>
        <Box sx={{ color: ink.faint, fontSize: 14 }}>
          Type the wrong answers; = is right, - left blank, ? unclear, / not reached. Arrows and Enter move
          on.
        </Box>
        <Button onClick={undo} variant="outlined" sx={{ p: '1px 10px' }}>
          Undo
        </Button>
        <Box role="status" sx={{ color: ink.faint }}>
          {says}
        </Box>
      </Box>
      {Object.entries(faults).map(([id, message]) => (
        <Trouble key={id} id={id} message={message} />
      ))}
      <NotYetKept marking={marking} />
      <Box
        ref={scroller}
        role="grid"
        aria-label={`Answers of ${marking.className}`}
        aria-rowcount={marking.papers.length + 1}
        aria-colcount={columns + 1}
        sx={{ overflow: 'auto', height: 'calc(100dvh - 160px)', position: 'relative' }}
        onKeyDown={onKey}
      >
        <Box
          sx={{
            width: namesWidth + across.getTotalSize(),
            height: rowHeight + rows.getTotalSize(),
            position: 'relative',
          }}
        >
          <Box
            role="row"
            aria-rowindex={1}
            sx={{ position: 'sticky', top: 0, height: rowHeight, zIndex: 2, bgcolor: ink.page }}
          >
            <Box role="columnheader" aria-label="Name" sx={besideRow} />
            {across.getVirtualItems().map((column) => (
              <Box
                key={column.index}
                role="columnheader"
                aria-colindex={column.index + 2}
                title={marking.sheets[0]?.questions[column.index]?.problem}
                sx={{
                  position: 'absolute',
                  top: 4,
                  left: namesWidth + column.start,
                  width: column.size,
                  textAlign: 'center',
                  fontWeight: 700,
                }}
              >
                {column.index + 1}
              </Box>
            ))}
          </Box>
          {rows.getVirtualItems().map((row) => {
            const paper = marking.papers[row.index] as Paper;
            return (
              <Box
                key={paper.pupil.id}
                role="row"
                aria-rowindex={row.index + 2}
                sx={{
                  position: 'absolute',
                  top: rowHeight + row.start,
                  left: 0,
                  height: rowHeight,
                  width: '100%',
                }}
              >
                <Box
                  role="rowheader"
                  sx={{
                    ...besideRow,
                    fontWeight: 650,
                    whiteSpace: 'nowrap',
                    overflow: 'hidden',
                    textOverflow: 'ellipsis',
                    pt: '3px',
                  }}
                >
                  {paper.pupil.name}
                </Box>
                {across.getVirtualItems().map((column) => {
                  const answer = there[row.index]?.get(column.index + 1);
                  const under = waitingAt(pile.waiting, paper, column.index + 1);
                  return (
                    <GridSquare
                      key={column.index}
                      row={row.index}
                      column={column.index}
                      left={namesWidth + column.start}
                      width={column.size}
                      shown={under ? (under.shown ?? under.says) : shown(answer)}
                      waits={under !== undefined}
                      wrong={!under && answer?.verdict === 'wrong'}
                      id={squareId(paper, column.index + 1)}
                      refused={squareId(paper, column.index + 1) in faults}
                      paper={paper}
                      onTake={take}
                      onFocused={setFocused}
                    />
                  );
                })}
              </Box>
            );
          })}
        </Box>
      </Box>
    </Box>
  );
}
