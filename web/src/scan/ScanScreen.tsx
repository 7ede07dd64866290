import { Box, Button } from '@mui/material';
import { useState, type DragEvent } from 'react';
import { Link, useParams } from 'react-router';
import { FileButton } from '../app/FileButton';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { momentInWords } from '../app/timeInWords';
import { Trouble } from '../app/Trouble';
import { useMarking } from '../marking/useMarking';
import { AskReading } from './AskReading';
import { PagesTold } from './PagesTold';
import { ReadingsSheet } from './ReadingsSheet';
import { ScanFolderLine } from './ScanFolderLine';
import {
  useBringIn,
  useForgetHands,
  useKeepPictures,
  useScan,
  useScans,
  useStop,
  type Scan,
} from './useScans';

/** Filled pages of a pile: brought in, read, looked at where that is asked for. */
export function ScanScreen() {
  const id = Number(useParams().id);
  const marking = useMarking(id);
  const scans = useScans(id);
  const bringIn = useBringIn(id);
  const [chosen, setChosen] = useState<number>();
  const current = chosen ?? scans.data?.[0]?.id;
  const scan = useScan(id, current);
  const begin = (file: File | 'practice') =>
    bringIn.mutate(file, { onSuccess: (begun) => setChosen(begun.id) });
  const drop = (event: DragEvent) => {
    event.preventDefault();
    const file = event.dataTransfer.files[0];
    if (file) {
      begin(file);
    }
  };
  return (
    <Box
      sx={{ p: { xs: '10px 12px', md: '16px 28px' }, minHeight: '100%' }}
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2.5, flexWrap: 'wrap', mb: 1 }}>
        <Box component="h1" sx={{ m: 0, fontSize: 24 }}>
          Scanned pages
        </Box>
        <Link to={`/marking/${id}`}>
          {marking.data ? `${marking.data.title}, ${marking.data.className}` : 'To the pile'}
        </Link>
      </Box>
      <Trouble message={marking.error?.message ?? scans.error?.message ?? scan.error?.message} />
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end', flexWrap: 'wrap', mb: 2 }}>
        <FileButton
          text="Bring in pages"
          label="File with filled pages"
          accept=".pdf,.png,.jpg,.jpeg,application/pdf,image/png,image/jpeg"
          variant="contained"
          disabled={bringIn.isPending}
          onFile={begin}
        />
        <Button variant="outlined" disabled={bringIn.isPending} onClick={() => begin('practice')}>
          Put the pile through the practice scanner
        </Button>
        {(scans.data?.length ?? 0) > 1 && (
          <Box sx={{ minWidth: 220 }}>
            <Select
              label="Brought in"
              value={String(current)}
              options={(scans.data ?? []).map((each) => ({
                id: String(each.id),
                label: `${each.name}, ${momentInWords(each.begunAt)}`,
              }))}
              onChange={(each) => setChosen(Number(each))}
            />
          </Box>
        )}
      </Box>
      <Trouble message={bringIn.error?.message} />
      <ScanFolderLine />
      {scans.data?.length === 0 && <HowItIsDone />}
      {scan.data && <OneScan key={scan.data.id} id={id} scan={scan.data} />}
    </Box>
  );
}

/** What to do first, where nothing was brought in. */
function HowItIsDone() {
  return (
    <Box sx={{ maxWidth: 640, lineHeight: 1.55 }}>
      <p>
        Print the set with names (under Print), have it filled in with pen or a firm pencil, and scan the pile
        with 200 to 300 dots an inch, in any order. Bring the PDF in with the button, or drop it on this page.
        A photo of a page does too.
      </p>
      <p>
        What is read without doubt goes into the pile; the rest is asked with its picture. What you have typed
        yourself stays as it is. The pictures never leave this computer, and are deleted after a term, or
        sooner if you say so.
      </p>
      <p>
        To see how it goes, the practice scanner lets the children of this class fill their sheets in hands of
        their own. It measures well on such pages and on figures of adults; on your children’s it has not been
        measured yet, so glance over what it read.
      </p>
    </Box>
  );
}

/** How the hands of this class are learnt; what was learnt can be forgotten. */
function Learnt({ id, figures }: { id: number; figures: number }) {
  const forget = useForgetHands(id);
  return (
    <Box sx={{ color: ink.faint, mt: 2 }}>
      The hands of this class are read by {figures} figures that you have looked at.{' '}
      <Button
        sx={{ p: 0, textDecoration: 'underline' }}
        disabled={forget.isPending}
        onClick={() => forget.mutate(undefined)}
      >
        Forget them
      </Button>
      <Trouble message={forget.error?.message} />
    </Box>
  );
}

const spans = [
  { id: '7', label: 'a week' },
  { id: '30', label: 'a month' },
  { id: '120', label: 'a term' },
  { id: '365', label: 'a year' },
];

/** For how long the pictures of answers are kept. */
function Kept({ id, scan }: { id: number; scan: Scan }) {
  const keep = useKeepPictures(id, scan.id);
  return (
    <Box sx={{ maxWidth: 260, mt: 2 }}>
      <Select
        label="Pictures of the answers are kept for"
        value={String(scan.pictureDays)}
        options={
          spans.some((span) => span.id === String(scan.pictureDays))
            ? spans
            : [...spans, { id: String(scan.pictureDays), label: `${scan.pictureDays} days` }]
        }
        onChange={(days) => keep.mutate(Number(days))}
      />
      <Trouble message={keep.error?.message} />
    </Box>
  );
}

function OneScan({ id, scan }: { id: number; scan: Scan }) {
  const stop = useStop(id, scan.id);
  const [chosen, setChosen] = useState<{ page: number; question: number }>();
  const next = chosen ?? scan.ask[0];
  const page = scan.pages.find((each) => each.page === next?.page);
  const reading = page?.answers.find((each) => each.question === next?.question);
  return (
    <>
      <Box role="status" sx={{ mb: 1.5 }}>
        {scan.state === 'reading' && (
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
            <progress
              value={scan.total ? scan.pages.length : undefined}
              max={scan.total || undefined}
              aria-label="Reading"
            />
            {scan.total
              ? `${scan.pages.length} of ${scan.total} pages are read`
              : 'The pages are on their way …'}
            <Button onClick={() => stop.mutate(undefined)} disabled={stop.isPending}>
              Stop
            </Button>
          </Box>
        )}
        {scan.state === 'done' && scan.ask.length === 0 && (
          <Box sx={{ color: ink.right }}>
            ✓ All {scan.pages.length} pages are read, and nothing waits to be looked at.
          </Box>
        )}
        {scan.say}
      </Box>
      {page && reading && (
        <AskReading
          key={`${page.page}-${reading.question}`}
          id={id}
          scan={scan.id}
          page={page}
          reading={reading}
          waiting={chosen ? 0 : scan.ask.length}
          onDone={() => setChosen(undefined)}
        />
      )}
      <PagesTold id={id} scan={scan} />
      <Kept id={id} scan={scan} />
      {scan.learnt > 0 && <Learnt id={id} figures={scan.learnt} />}
      <ReadingsSheet
        id={id}
        scan={scan.id}
        pages={scan.pages}
        onChoose={(chosenPage, question) => setChosen({ page: chosenPage, question })}
      />
    </>
  );
}
