import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { BoardState } from '../board/subject';
import { Field } from '../app/Field';
import { lessonAt, ofSet } from '../lesson/lessons';
import { Trouble } from '../app/Trouble';
import { useClasses } from '../classes/useClasses';
import { useStyle } from '../paper/usePaper';
import type { SetEditor } from './useSetEditor';

/** The set's name and class, and the ways to the board. */
export function SetHead({ editor }: { editor: SetEditor }) {
  const { content, keep } = editor;
  // Drawing names a set, and undo takes a name back: what is typed here stands until the set has other words.
  const kept = { title: content.title, tag: content.tag, passMark: content.passMark?.toString() ?? '' };
  const words = JSON.stringify(kept);
  const [typed, setTyped] = useState({ over: words, ...kept });
  const { title, tag, passMark } = typed.over === words ? typed : kept;
  const type = (change: Partial<typeof kept>) => setTyped({ over: words, title, tag, passMark, ...change });
  const navigate = useNavigate();
  const style = useStyle();
  const classes = useClasses();
  const keepWords = () => {
    const pass = passMark.trim() === '' ? undefined : Number(passMark);
    if (title !== content.title || tag !== content.tag || pass !== content.passMark) {
      editor.change({ title, tag, passMark: pass });
    }
  };
  const toBoard = () => {
    const state: BoardState = {
      works: content.questions.map(({ problem }) => ({
        problem,
        typedPoint: 'point',
        style: style.data?.chosen,
      })),
      at: 0,
      step: 1,
      back: `/sets/${editor.id}`,
    };
    navigate('/board', { state });
  };
  const ofField = keep.error?.about('title') ?? keep.error?.about('tag');
  return (
    <Box
      sx={{ display: 'flex', gap: 2.5, alignItems: 'flex-end', flexWrap: 'wrap', '& > div > div': { mb: 1 } }}
      onBlur={keepWords}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          keepWords();
        }
      }}
    >
      <Box sx={{ width: 320, maxWidth: '100%' }}>
        <Field
          label="Title"
          value={title}
          onChange={(text) => type({ title: text })}
          fault={keep.error?.about('title')}
        />
      </Box>
      <Box sx={{ width: 120 }}>
        <Field
          label="Class"
          value={tag}
          onChange={(text) => type({ tag: text })}
          fault={keep.error?.about('tag')}
          choices={classes.data?.map(({ name }) => name)}
        />
      </Box>
      <Box sx={{ width: 90 }}>
        <Field
          label="Pass mark"
          inputMode="numeric"
          value={passMark}
          onChange={(text) => type({ passMark: text.replace(/\D/g, '') })}
        />
      </Box>
      <Box sx={{ ml: { sm: 'auto' }, pb: 1.5, display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button disabled={!editor.canUndo} onClick={editor.undo}>
          Undo
        </Button>
        <Button variant="outlined" disabled={content.questions.length === 0} onClick={toBoard}>
          Board
        </Button>
        <Button
          variant="outlined"
          component={Link}
          to={lessonAt(ofSet(editor.id))}
          disabled={content.questions.length === 0}
        >
          Lesson
        </Button>
        <Button
          variant="outlined"
          component={Link}
          to={`/sets/${editor.id}/write`}
          disabled={content.questions.length === 0}
        >
          Work it through
        </Button>
        <Button
          variant="outlined"
          component={Link}
          to={`/sets/${editor.id}/project`}
          disabled={content.questions.length === 0}
        >
          Project it
        </Button>
      </Box>
      {!ofField && !keep.theirs && <Trouble message={keep.error?.message} />}
    </Box>
  );
}
