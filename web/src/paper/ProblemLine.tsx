import { Box, Button } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useEffect, useState, type FormEvent, type RefObject } from 'react';
import type { Refused } from '../api/client';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';

type Props = {
  typed: string;
  fault?: Refused | null;
  onBegin: (typed: string) => void;
  input?: RefObject<HTMLInputElement | null>;
};

/** A longer problem is written smaller, so that more of it is seen. */
const roomyLetters = 22;

/** The line a problem is typed on; what is wrong with it stands under it and the text stays. */
export function ProblemLine({ typed, fault, onBegin, input }: Props) {
  const [text, setText] = useState(typed);
  const refused = Boolean(fault);
  useEffect(() => {
    if (refused) {
      input?.current?.focus();
    }
  }, [refused, input]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onBegin(text);
  };
  return (
    <Box
      component="form"
      noValidate
      onSubmit={submit}
      data-waits
      sx={{ flex: { xs: '1 1 100%', md: '0 1 440px' }, minWidth: 0, position: 'relative' }}
    >
      <Box component="h1" sx={visuallyHidden}>
        {typed ? `${typed} on paper` : 'Paper'}
      </Box>
      <Box component="label" htmlFor="problem" sx={{ display: 'block', color: ink.faint, fontSize: 13 }}>
        Problem
      </Box>
      <Box sx={{ display: 'flex', borderBottom: `2px solid ${fault ? ink.wrong : ink.ink}` }}>
        <Box
          component="input"
          id="problem"
          ref={input}
          value={text}
          autoComplete="off"
          spellCheck={false}
          autoFocus={!typed || Boolean(fault)}
          aria-invalid={Boolean(fault)}
          aria-describedby={fault ? 'problem-fault' : undefined}
          onChange={(event) => setText(event.target.value)}
          sx={{
            flex: 1,
            minWidth: 0,
            border: 0,
            bgcolor: 'transparent',
            color: ink.ink,
            font: `400 30px/1.25 ${digits}`,
            fontSize: text.length > roomyLetters ? 18 : { xs: 24, md: 30 },
            p: 0,
            '&:focus-visible': { outline: 'none', bgcolor: ink.sheet },
          }}
        />
        <Button type="submit" sx={{ p: '0 10px', whiteSpace: 'nowrap' }}>
          Set it out
        </Button>
      </Box>
      <Trouble id="problem-fault" message={fault?.message}>
        {fault?.offer && (
          <Button
            onClick={() => fault.offer && onBegin(fault.offer)}
            sx={{ p: '0 4px', textDecoration: 'underline' }}
          >
            Work {fault.offer}
          </Button>
        )}
      </Trouble>
    </Box>
  );
}
