import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { PagesPreview } from '../print/PagesPreview';
import { Tabs } from '../app/Tabs';
import { ink } from '../app/ink';
import { Tick } from '../app/Tick';
import { Trouble } from '../app/Trouble';
import { Unprintable } from '../print/Unprintable';
import { LayoutForm } from './LayoutForm';
import { PrintFiles } from './PrintFiles';
import { PrintForClass } from './PrintForClass';
import { usePages, usePrinting, usePrints } from './usePrinting';
import { twoColumns } from './twoColumns';
import type { SetEditor } from './useSetEditor';

const kinds = [
  { id: 'questions', label: 'Questions' },
  { id: 'answers', label: 'Answers' },
  { id: 'worked', label: 'Worked answers' },
];
const letters = ['A', 'B', 'C'];

/** How the set is printed: its layout, a preview that is exactly the page, and the files. */
export function PrintPanel({ editor }: { editor: SetEditor }) {
  const [kind, setKind] = useState('questions');
  const [version, setVersion] = useState('A');
  const [versions, setVersions] = useState(['A']);
  const empty = editor.content.questions.length === 0;
  const pages = usePages(editor.id, kind, version, editor.keep.saved, !empty && !editor.keep.isPending);
  const printing = usePrinting(editor.id);
  const prints = usePrints(editor.id);
  const shown = kinds.find((each) => each.id === kind)?.label;
  const toggle = (letter: string) =>
    setVersions(letters.filter((each) => (each === letter) !== versions.includes(each)));
  if (empty) {
    return <p>There is nothing to print yet. Draw some questions first.</p>;
  }
  return (
    <Box sx={{ ...twoColumns, '& > *:first-of-type': { overflow: 'auto', minHeight: 0 } }}>
      <Box sx={{ pr: 1 }}>
        <LayoutForm layout={editor.content.layout} onChange={(layout) => editor.change({ layout })} />
        <Box sx={{ borderTop: `1px solid ${ink.hair}`, mt: 2, pt: 1 }}>
          <Box
            role="group"
            aria-label="Versions to make files of"
            sx={{ display: 'flex', gap: 2, alignItems: 'center' }}
          >
            Versions
            {letters.map((letter) => (
              <Tick
                key={letter}
                label={letter}
                checked={versions.includes(letter)}
                onChange={() => toggle(letter)}
              />
            ))}
          </Box>
          <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
            <Button
              variant="contained"
              disabled={editor.keep.isPending || printing.isPrinting}
              onClick={() => printing.print(version, kind)}
            >
              Print {shown?.toLowerCase()} {version}
            </Button>
            <Button
              variant="outlined"
              disabled={versions.length === 0 || editor.keep.isPending || printing.isPrinting}
              onClick={() => printing.makeFiles(versions)}
            >
              Make the files
            </Button>
          </Box>
          <Trouble message={printing.fault} />
          <PrintFiles printing={printing} prints={prints.data ?? []} />
          <PrintForClass prints={prints.data ?? []} />
        </Box>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)', minHeight: 0 }}>
        <Box sx={{ display: 'flex', gap: 4, mb: 1 }}>
          <Tabs label="What to look at" value={kind} options={kinds} onChange={setKind} />
          <Tabs
            label="Version"
            value={version}
            options={letters.map((id) => ({ id, label: id }))}
            onChange={setVersion}
          />
          <Box sx={{ ml: 'auto', color: ink.faint }} role="status">
            {pages.data && `${pages.data.total} ${pages.data.total === 1 ? 'page' : 'pages'}`}
            {pages.data &&
              pages.data.total > pages.data.pages.length &&
              `, the first ${pages.data.pages.length} here`}
          </Box>
        </Box>
        <Trouble message={pages.error?.message} />
        <Unprintable letters={pages.data?.unprintable ?? []} />
        <PagesPreview pages={pages.data?.pages ?? []} name={`bemble-${kind}-${version}`} />
      </Box>
    </Box>
  );
}
