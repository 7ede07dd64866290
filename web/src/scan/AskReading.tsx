import { Box, Button } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { picture, useConfirm, type Reading, type ScannedPage } from './useScans';

type Props = {
  id: number;
  scan: number;
  page: ScannedPage;
  reading: Reading;
  /** How many wait to be confirmed, this one among them; 0 where one is put right that did not wait. */
  waiting: number;
  onDone: () => void;
};

/** One answer to look at: its picture, what it was read as, and one key for yes. What is typed instead counts. */
export function AskReading({ id, scan, page, reading, waiting, onDone }: Props) {
  const confirm = useConfirm(id, scan);
  const [typed, setTyped] = useState(reading.read);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.focus();
    field.current?.select();
  }, []);
  const send = (read: string) =>
    confirm.mutate({ page: page.page, question: reading.question, read }, { onSuccess: onDone });
  return (
    <Box
      component="form"
      aria-label="Answer to look at"
      onSubmit={(event) => {
        event.preventDefault();
        send(typed.trim() === '-' ? '' : typed);
      }}
      sx={{
        bgcolor: ink.sheet,
        border: `1px solid ${ink.hair}`,
        p: 2,
        display: 'flex',
        gap: 3,
        flexWrap: 'wrap',
      }}
    >
      <Box
        component="img"
        src={picture(id, scan, page.page, reading.question)}
        alt={`What ${page.pupil?.name ?? 'the child'} wrote for question ${reading.question}`}
        sx={{ height: 330, maxWidth: '100%', objectFit: 'contain', border: `1px solid ${ink.hair}` }}
      />
      <Box sx={{ flex: '1 1 240px' }}>
        <Box sx={{ color: ink.faint }}>
          {waiting > 0 ? `${waiting} to look at` : 'Put right what was read'}
        </Box>
        <Box component="h2" sx={{ m: '4px 0 12px', fontFamily: digits, fontSize: 22 }}>
          {page.pupil?.name}, question {reading.question}: {reading.problem}
        </Box>
        <label>
          It says{' '}
          <Box
            component="input"
            ref={field}
            value={typed}
            autoComplete="off"
            aria-describedby="how-to-confirm"
            onChange={(event) => setTyped(event.target.value)}
            sx={{
              font: `700 30px ${digits}`,
              width: 170,
              border: 0,
              borderBottom: `2px solid ${ink.ink}`,
              bgcolor: 'transparent',
              color: ink.ink,
            }}
          />
        </label>
        <Box id="how-to-confirm" sx={{ color: ink.faint, fontSize: 15, mt: 1 }}>
          Enter for yes; type what stands there if it is something else; - for nothing there.
          {reading.without !== reading.read &&
            ` By the ink alone it would be ${reading.without || 'nothing'}.`}
        </Box>
        <Trouble message={confirm.error?.message} />
        <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
          <Button type="submit" variant="contained" disabled={confirm.isPending}>
            {typed === reading.read ? 'Yes, so it is' : 'So it is'}
          </Button>
          <Button variant="outlined" disabled={confirm.isPending} onClick={() => send('')}>
            Nothing there
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
