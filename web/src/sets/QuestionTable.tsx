import { Box } from '@mui/material';
import { useEffect, useMemo, useRef } from 'react';
import { ink } from '../app/ink';
import { QuestionRow, whereRoomy, type RowActs } from './QuestionRow';
import type { SetEditor } from './useSetEditor';

/** The questions of a set, to be changed one by one and put in order by dragging or by keyboard. */
export function QuestionTable({ editor }: { editor: SetEditor }) {
  const body = useRef<HTMLTableSectionElement>(null);
  const { questions } = editor.content;
  const dragged = useRef<number>(undefined);
  const latest = useRef(editor);
  useEffect(() => {
    latest.current = editor;
  });
  const acts = useMemo<RowActs>(() => {
    const moveAndFollow = (from: number, to: number) => {
      latest.current.move(from, to);
      requestAnimationFrame(() => (body.current?.children[to] as HTMLElement | undefined)?.focus());
    };
    return {
      set: (at, changes) => latest.current.set(at, changes),
      renew: (at, question, story) => latest.current.renew(at, question, story),
      remove: (at) => latest.current.remove(at),
      move: (at, by) => moveAndFollow(at, at + by),
      drag: (at) => {
        dragged.current = at;
      },
      drop: (at) => {
        const from = dragged.current;
        if (from !== undefined && from !== at) {
          moveAndFollow(from, at);
        }
        dragged.current = undefined;
      },
    };
  }, []);
  if (questions.length === 0) {
    return (
      <Box component="p" sx={{ color: ink.faint, fontSize: 20, m: '60px auto', maxWidth: 460 }}>
        No questions yet. Choose an operation and a rung and press “Draw questions”, or type your own.
      </Box>
    );
  }
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse' }}>
        <Box
          component="thead"
          sx={{ textAlign: 'left', color: ink.faint, fontSize: 13, '& th': { pr: 1.5 } }}
        >
          <tr>
            <th aria-label="Number" />
            <th>Question</th>
            <th>Answer</th>
            <th style={{ minWidth: 140 }}>What makes it hard</th>
            <Box component="th" sx={whereRoomy}>
              Figures
            </Box>
            <th>Part</th>
            <th aria-label="What to do with it" />
          </tr>
        </Box>
        <tbody ref={body}>
          {questions.map((question, i) => (
            <QuestionRow
              key={`${i} ${question.problem}`}
              number={i + 1}
              question={question}
              known={editor.known[question.problem]}
              setId={editor.id}
              acts={acts}
            />
          ))}
        </tbody>
      </Box>
      <Box sx={{ color: ink.faint, fontSize: 14, py: 1.5 }}>
        “Other numbers” are as hard. Alt ↑ and Alt ↓ move the question one is on; so do dragging and “More”.
      </Box>
    </Box>
  );
}
