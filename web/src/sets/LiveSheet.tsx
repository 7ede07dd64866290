import { useMediaQuery, type Theme } from '@mui/material';
import { PagesPreview } from '../print/PagesPreview';
import { usePages } from './usePrinting';
import type { SetEditor } from './useSetEditor';

/** Where there is room: the sheet as it will be printed, beside its questions. */
export function LiveSheet({ editor }: { editor: SetEditor }) {
  const room = useMediaQuery<Theme>((theme) => theme.breakpoints.up('xl'));
  const empty = editor.content.questions.length === 0;
  const pages = usePages(
    editor.id,
    'questions',
    'A',
    editor.keep.saved,
    room && !empty && !editor.keep.isPending,
  );
  return room && !empty && pages.data ? (
    <PagesPreview pages={pages.data.pages} name="bemble-questions-A" />
  ) : null;
}
