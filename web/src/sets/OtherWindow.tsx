import { Box, Button } from '@mui/material';
import { digits, ink } from '../app/theme';
import type { SetEditor } from './useSetEditor';
import type { SetContent, SetView } from './useSets';
import { useInStyle } from '../paper/inStyle';

/** Two windows have changed one set: both are shown, and one of them chosen. */
export function OtherWindow({ editor, theirs }: { editor: SetEditor; theirs: SetView }) {
  return (
    <Box role="alert" sx={{ border: `2px solid ${ink.wrong}`, bgcolor: ink.sheet, p: 2, my: 1 }}>
      <b>This set was changed in another window.</b> Nothing is lost yet: choose which to keep.
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 2, mt: 1 }}>
        <Version name="Here" content={editor.content} />
        <Version name="In the other window" content={theirs.content} />
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

function Version({ name, content }: { name: string; content: SetContent }) {
  const written = useInStyle();
  return (
    <Box>
      <Box sx={{ color: ink.faint, fontSize: 14 }}>{name}</Box>
      <b>{content.title}</b>, {content.questions.length}{' '}
      {content.questions.length === 1 ? 'question' : 'questions'}
      <Box sx={{ font: `400 15px/1.4 ${digits}`, maxHeight: 90, overflow: 'auto' }}>
        {content.questions.map((question) => written(question.problem)).join(' · ')}
      </Box>
    </Box>
  );
}
