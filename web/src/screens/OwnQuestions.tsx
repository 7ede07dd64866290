import { useQueryClient } from '@tanstack/react-query';
import type { Refused } from '../api/client';
import { keys } from '../api/keys';
import { Box, Button } from '@mui/material';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { digits, ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { useHandIn, useLeave, useOnTheWay, type OwnSet } from './useScreens';

const notHandedIn = (error: Refused) =>
  error.status === 0
    ? 'This is not handed in yet: the school’s computer does not answer. What you wrote is kept here; try again in a moment.'
    : error.message;

/** A pupil's own questions, which of them are begun, and handing in. */
export function OwnQuestions({ own }: { own: OwnSet }) {
  const handIn = useHandIn(own);
  const onTheWay = useOnTheWay(own);
  const leave = useLeave();
  const [sure, setSure] = useState(false);
  const queries = useQueryClient();
  // What was written just now counts as begun.
  useEffect(() => void queries.invalidateQueries({ queryKey: keys.in.all, exact: true }), [queries]);
  const open = !own.handedIn && !own.ended;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (open && event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        setSure(true);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [open]);
  const left = own.questions.filter((question) => !question.begun).length;
  return (
    <Box sx={{ p: '22px 18px', maxWidth: 620, mx: 'auto' }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
        <Box component="h1" sx={{ font: `700 26px ${digits}`, m: 0 }}>
          {own.pupil}
        </Box>
        <Button onClick={() => leave.mutate(undefined)} sx={{ ml: 'auto', color: ink.faint }}>
          I am not {own.pupil}
        </Button>
      </Box>
      <Box sx={{ color: ink.faint, mb: 1.5 }}>{own.title}</Box>
      {onTheWay > 0 && (
        <Box role="status" sx={{ fontSize: 17, mb: 1.5 }}>
          {open
            ? '… Some of what you wrote is still on its way. It is kept on this device and sent by itself.'
            : '… What you wrote last did not come in before the end. It is kept on this device: tell your teacher.'}
        </Box>
      )}
      {own.handedIn ? (
        <Box role="status" sx={{ font: `400 22px/1.4 ${digits}`, color: ink.right }}>
          {own.collected
            ? '✓ Your teacher has ended this set. What you wrote is handed in.'
            : '✓ Handed in. Thank you.'}
          {own.says && <Box sx={{ color: ink.ink, mt: 1.5 }}>{own.says}</Box>}
        </Box>
      ) : own.ended ? (
        <Box role="status" sx={{ fontSize: 18 }}>
          Your teacher has ended this set.
        </Box>
      ) : (
        <>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {own.questions.map((question) => (
              <Box component="li" key={question.paper} sx={{ borderTop: `1px solid ${ink.hair}` }}>
                <Box
                  component={Link}
                  to={`/in/${question.paper}`}
                  sx={{
                    display: 'flex',
                    gap: 2,
                    py: 1.25,
                    font: `400 21px ${digits}`,
                    textDecoration: 'none',
                    overflowWrap: 'anywhere',
                  }}
                >
                  <Box component="span" sx={{ color: ink.faint, width: 30, flexShrink: 0 }}>
                    {question.question}
                  </Box>
                  {question.problem}
                  <Box
                    component="span"
                    sx={{
                      ml: 'auto',
                      color: question.begun ? ink.right : ink.faint,
                      fontSize: 17,
                      whiteSpace: 'nowrap',
                    }}
                  >
                    {question.begun ? '✓ begun' : 'to do'}
                  </Box>
                </Box>
              </Box>
            ))}
          </Box>
          <Box sx={{ mt: 2.5 }}>
            {sure ? (
              <>
                <Box sx={{ fontSize: 18, mb: 1 }}>
                  {left === 0
                    ? 'Hand everything in? You cannot change it then.'
                    : `${left === 1 ? 'One question is' : `${left} questions are`} not begun. Hand in all the same?`}
                </Box>
                <Button
                  variant="contained"
                  sx={{ fontSize: 18, mr: 1 }}
                  disabled={handIn.isPending}
                  autoFocus
                  onClick={() => handIn.mutate(undefined)}
                >
                  Yes, hand in
                </Button>
                <Button variant="outlined" sx={{ fontSize: 18 }} onClick={() => setSure(false)}>
                  Not yet
                </Button>
              </>
            ) : (
              <Button variant="contained" sx={{ fontSize: 18 }} onClick={() => setSure(true)}>
                Hand in
              </Button>
            )}
          </Box>
          <Trouble message={handIn.error ? notHandedIn(handIn.error) : undefined} />
        </>
      )}
    </Box>
  );
}
