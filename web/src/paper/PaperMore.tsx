import { Box } from '@mui/material';
import { useState } from 'react';
import { api, ask, type Schemas } from '../api/client';
import { RowMenu } from '../app/RowMenu';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { sendToPrinter } from '../print/sendToPrinter';

type Props = { work: Schemas['WorkRequest']; problem: string; method: string; step: number };
type Form = Schemas['PictureRequest']['form'];

/** What else can be made of a working: a picture for a worksheet, and its stages on a page. */
export function PaperMore({ work, problem, method, step }: Props) {
  const [done, setDone] = useState('');
  const [fault, setFault] = useState<string>();
  const picture = (form: Form) =>
    ask(
      api.POST('/api/worked-pictures', { body: { work, step, form }, parseAs: 'blob' }),
    ) as Promise<unknown>;
  const make = async (what: () => Promise<string>) => {
    setDone('');
    setFault(undefined);
    try {
      setDone(await what());
    } catch (refused) {
      setFault(refused instanceof Error ? refused.message : String(refused));
    }
  };
  const copy = async () => {
    const png = (await picture('PNG')) as Blob;
    if (!('ClipboardItem' in window)) {
      save(png, 'png');
      return 'This browser copies no pictures from here, so it was saved as a file.';
    }
    await navigator.clipboard.write([new ClipboardItem({ 'image/png': png })]);
    return '✓ copied: paste it into your worksheet';
  };
  const keep = async () => {
    save((await picture('SVG')) as Blob, 'svg');
    return '✓ saved';
  };
  const stages = `/api/worked-pictures/stages.pdf?${new URLSearchParams({ problem, method, inline: 'true' })}`;
  return (
    <>
      <RowMenu
        of="this working"
        deeds={[
          { label: 'Copy as a picture', name: 'Copy the paper as a picture', onDo: () => void make(copy) },
          { label: 'Save as a picture', name: 'Save the paper as an SVG', onDo: () => void make(keep) },
          {
            label: 'Print its stages',
            name: 'Print the stages side by side, and once more mixed up',
            onDo: () => sendToPrinter(stages),
          },
        ]}
      />
      {done && (
        <Box role="status" sx={{ color: ink.right }}>
          {done}
        </Box>
      )}
      <Trouble message={fault} />
    </>
  );
}

function save(file: Blob, ending: string) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = `bemble-working.${ending}`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}
