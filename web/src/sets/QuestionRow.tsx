import { Box, Button, InputBase, NativeSelect, Tooltip } from '@mui/material';
import { memo, useId, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { RowMenu } from '../app/RowMenu';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import type { SetEditor } from './useSetEditor';
import { useAnother, useReadProblems, useRetold, useStory, type Question, type SetQuestion } from './useSets';

type Props = {
  number: number;
  question: SetQuestion;
  known: Question | undefined;
  setId: number;
  acts: RowActs;
};

/** What can be done with the question at a place; the same functions for as long as the table stands. */
export type RowActs = Pick<SetEditor, 'set' | 'renew' | 'remove'> & {
  move: (at: number, by: number) => void;
  drag: (at: number) => void;
  drop: (at: number) => void;
};

/** What a narrow window does without. */
export const whereRoomy = { display: { xs: 'none', md: 'table-cell' } } as const;

const line = {
  font: `400 18px ${digits}`,
  color: ink.ink,
  bgcolor: 'transparent',
  border: 0,
  borderBottom: '1px solid transparent',
  p: '1px 2px',
  width: '100%',
  '&:hover, &.Mui-focused': { borderBottomColor: ink.faint },
} as const;

/** Room for what is typed, but for no more letters than so many. */
const lettersOf = (typed: string, most: number) => `${Math.min(most, Math.max(14, typed.length + 1))}ch`;

/**
 * One question: its numbers can be typed over, swapped for others as hard, moved, or taken out. It is drawn anew only when it
 * changes, since a set may have two hundred.
 */
export const QuestionRow = memo(function QuestionRow({ number, question, known, setId, acts }: Props) {
  const shown = known?.written ?? question.problem;
  const [typed, setTyped] = useState(shown);
  const [story, setStory] = useState(question.story);
  const [telling, setTelling] = useState(question.story !== '');
  const navigate = useNavigate();
  const read = useReadProblems();
  const another = useAnother();
  const tell = useStory();
  const retold = useRetold();
  const at = number - 1;
  const said = useId();
  const renew = (fresh: Question) =>
    retold.mutate({ question, fresh }, { onSuccess: (again) => acts.renew(at, again.fresh, again.story) });
  const keepTyped = () => {
    if (typed !== shown) {
      read.mutate(typed, { onSuccess: ([fresh]) => fresh && renew(fresh) });
    }
  };
  const fault = read.error?.message ?? another.error?.message ?? tell.error?.message ?? retold.error?.message;
  return (
    <Box
      component="tr"
      tabIndex={-1}
      draggable
      onDragStart={() => acts.drag(at)}
      onDragOver={(event) => event.preventDefault()}
      onDrop={() => acts.drop(at)}
      onKeyDown={(event) => {
        if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
          event.preventDefault();
          acts.move(at, event.key === 'ArrowUp' ? -1 : 1);
        }
      }}
      sx={{ '& td': { borderTop: `1px solid ${ink.hair}`, py: 0.4, pr: 1.5, verticalAlign: 'baseline' } }}
    >
      <Box component="td" sx={{ color: ink.faint, cursor: 'grab', textAlign: 'right' }}>
        <Tooltip title="Work it on Paper">
          <Link to={`/paper?problem=${encodeURIComponent(shown)}`} aria-label={`Question ${number} on Paper`}>
            {number}
          </Link>
        </Tooltip>
      </Box>
      <Box component="td" sx={{ minWidth: 170 }}>
        <InputBase
          inputProps={{ 'aria-label': `Question ${number}`, 'aria-describedby': fault ? said : undefined }}
          error={read.isError}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={keepTyped}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              keepTyped();
            }
          }}
          sx={{ ...line, minWidth: { xs: lettersOf(typed, 22), xl: lettersOf(typed, 44) } }}
        />
        {telling && (
          <InputBase
            multiline
            inputProps={{ 'aria-label': `Story of question ${number}` }}
            placeholder="A word problem printed with it"
            value={story}
            onChange={(event) => setStory(event.target.value)}
            onBlur={() => story !== question.story && acts.set(at, { story })}
            sx={{ ...line, fontSize: 14 }}
          />
        )}
        <Trouble id={said} message={fault} />
      </Box>
      <Box component="td" sx={{ font: `400 18px ${digits}`, overflowWrap: 'anywhere' }}>
        <Box sx={{ minWidth: `${Math.min(13, known?.answer.length ?? 0)}ch` }}>{known?.answer}</Box>
      </Box>
      <Box component="td" sx={{ fontSize: 14, color: ink.faint }}>
        {known?.inWords}
      </Box>
      <Box component="td" sx={{ color: ink.faint, ...whereRoomy }}>
        {known?.figures}
      </Box>
      <td>
        <NativeSelect
          disableUnderline
          inputProps={{ 'aria-label': `Part of question ${number}` }}
          value={question.part}
          onChange={(event) => acts.set(at, { part: event.target.value })}
          sx={{
            font: 'inherit',
            fontSize: 14,
            bgcolor: ink.sheet,
            color: ink.ink,
            border: `1px solid ${ink.hair}`,
            width: 96,
            '& select': { p: '1px 0 1px 4px' },
          }}
        >
          <option value="shown">shown</option>
          <option value="together">together</option>
          <option value="alone">alone</option>
        </NativeSelect>
      </td>
      <Box
        component="td"
        sx={{ whiteSpace: 'nowrap', '& button, & a': { px: 0.5, py: 0.25, fontSize: 14, fontWeight: 400 } }}
      >
        <Button
          aria-label={`Other numbers for question ${number}`}
          onClick={() => another.mutate(question.problem, { onSuccess: renew })}
        >
          Other numbers
        </Button>
        <RowMenu
          of={`question ${number}`}
          deeds={[
            {
              label: 'Write it on an empty paper',
              name: `Write question ${number}`,
              onDo: () => void navigate(`/write?problem=${encodeURIComponent(shown)}`),
            },
            {
              label: story ? 'Tell another story with it' : 'Tell a story with it',
              name: `Tell a story with question ${number}`,
              onDo: () =>
                tell.mutate(
                  { problem: question.problem, now: story },
                  {
                    onSuccess: (told) => {
                      setTelling(true);
                      setStory(told);
                      acts.set(at, { story: told });
                    },
                  },
                ),
            },
            {
              label: 'Add a word problem to it',
              name: `Story for question ${number}`,
              onDo: () => setTelling(true),
            },
            {
              label: 'Take it as a picture, SVG',
              name: `Question ${number} as SVG`,
              href: `/api/sets/${setId}/questions/${number}.svg`,
            },
            { label: 'Move it up', name: `Move question ${number} up`, onDo: () => acts.move(at, -1) },
            { label: 'Move it down', name: `Move question ${number} down`, onDo: () => acts.move(at, 1) },
            { label: 'Take it out', name: `Take question ${number} out`, onDo: () => acts.remove(at) },
          ]}
        />
      </Box>
    </Box>
  );
});
