import { Box, Button } from '@mui/material';
import { digits, ink } from '../app/ink';
import { byProblem, type SetEditor } from './useSetEditor';
import type { Question, SetContent, SetView } from './useSets';

/** Two windows have changed one set: both are shown, and one of them chosen. */
export function OtherWindow({ editor, theirs }: { editor: SetEditor; theirs: SetView }) {
  return (
    <Box role="alert" sx={{ border: `2px solid ${ink.wrong}`, bgcolor: ink.sheet, p: 2, my: 1 }}>
      <b>This set was changed in another window.</b> Nothing is lost yet: choose which to keep.
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 2, mt: 1 }}>
        <Version name="Here" content={editor.content} known={editor.known} />
        <Version name="In the other window" content={theirs.content} known={byProblem(theirs.questions)} />
        <Button variant="outlined" onClick={() => editor.keepMine(theirs)}>
          Keep what is here
        </Button>
        <Button variant="outlined" onClick={() => editor.takeTheirs(theirs)}>
          Take the other window’s
        </Button>
      </Box>
    </Box>
  );
}

type VersionProps = { name: string; content: SetContent; known: Record<string, Question> };

function Version({ name, content, known }: VersionProps) {
  return (
    <Box>
      <Box sx={{ color: ink.faint, fontSize: 14 }}>{name}</Box>
      <b>{content.title}</b>, {content.questions.length}{' '}
      {content.questions.length === 1 ? 'question' : 'questions'}
      <Box sx={{ font: `400 15px/1.4 ${digits}`, maxHeight: 90, overflow: 'auto' }}>
        {content.questions.map(({ problem }) => known[problem]?.written ?? problem).join(' · ')}
      </Box>
    </Box>
  );
}
