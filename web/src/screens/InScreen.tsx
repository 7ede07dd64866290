import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Route, Routes } from 'react-router';
import { Field } from '../app/Field';
import { StillShown } from '../app/StillShown';
import { digits, ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { OwnQuestions } from './OwnQuestions';
import { PupilPaper } from './PupilPaper';
import { toAChild, useComeIn, useDoor, useIn, useOwnPapersAhead, useSendingOwn } from './useScreens';

/** Where pupils come in: the code, their name, and then their own questions. */
export function InScreen() {
  const view = useIn();
  useSendingOwn(view.data?.own);
  useOwnPapersAhead(view.data?.own);
  if (!view.data) {
    return (
      <Box sx={{ p: 3 }}>
        {view.isError ? <Trouble message={toAChild(view.error.message)} /> : 'Opening …'}
      </Box>
    );
  }
  const { own } = view.data;
  return own ? (
    <>
      <Routes>
        <Route path="/in" element={<OwnQuestions own={own} />} />
        <Route path="/in/:paper" element={<PupilPaper own={own} />} />
      </Routes>
      <StillShown words={toAChild} />
    </>
  ) : (
    <Door />
  );
}

function Door() {
  const door = useDoor();
  const comeIn = useComeIn();
  const [code, setCode] = useState('');
  const [pupil, setPupil] = useState<number>();
  const [typed, setTyped] = useState('');
  const { data } = door;
  const chosen = data?.pupils.find((each) => each.id === pupil);
  return (
    <Box sx={{ p: '28px 20px', maxWidth: 620, mx: 'auto' }}>
      <Box component="h1" sx={{ font: `700 30px ${digits}`, m: '0 0 18px' }}>
        {data ? data.className : 'Come in'}
      </Box>
      {!data && (
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault();
            door.mutate(code);
          }}
        >
          <Box
            sx={{
              '& input': { font: `700 34px ${digits}`, letterSpacing: '0.12em', textTransform: 'uppercase' },
            }}
          >
            <Field
              label="The code on the board"
              value={code}
              onChange={setCode}
              fault={door.error?.message}
              autoFocus
              autoComplete="off"
              autoCapitalize="characters"
              spellCheck={false}
            />
          </Box>
          <Button
            type="submit"
            variant="contained"
            disabled={door.isPending || code.trim() === ''}
            sx={{ fontSize: 18 }}
          >
            Go on
          </Button>
        </Box>
      )}
      {data && (
        <>
          <Box sx={{ fontSize: 18, mb: 1 }}>{data.title}. Who are you?</Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(140px, 1fr))', gap: 1 }}>
            {data.pupils.map((each) => (
              <Button
                key={each.id}
                variant={each.id === pupil ? 'contained' : 'outlined'}
                sx={{ fontSize: 18, minHeight: 48 }}
                disabled={comeIn.isPending}
                onClick={() => {
                  setPupil(each.id);
                  if (!data.asksDigits) {
                    comeIn.mutate({ code: data.code, pupilId: each.id });
                  }
                }}
              >
                {each.name}
              </Button>
            ))}
          </Box>
          {data.asksDigits && chosen && (
            <Box
              component="form"
              onSubmit={(event) => {
                event.preventDefault();
                comeIn.mutate({ code: data.code, pupilId: chosen.id, digits: typed });
              }}
              sx={{ mt: 2, maxWidth: 240, '& input': { font: `700 30px ${digits}` } }}
            >
              <Field
                label={`${chosen.name}, your three digits`}
                value={typed}
                onChange={setTyped}
                inputMode="numeric"
                autoComplete="off"
                autoFocus
                fault={comeIn.error?.about('digits')}
              />
              <Button type="submit" variant="contained" sx={{ fontSize: 18 }} disabled={comeIn.isPending}>
                Come in
              </Button>
            </Box>
          )}
          {!comeIn.error?.about('digits') && <Trouble message={comeIn.error?.message} />}
          <Button onClick={() => door.reset()} sx={{ mt: 2, color: ink.faint }}>
            Another code
          </Button>
        </>
      )}
    </Box>
  );
}
