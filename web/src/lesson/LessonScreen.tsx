import { Box, Button } from '@mui/material';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Field } from '../app/Field';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import type { BoardState } from '../board/subject';
import { useLetterKeys } from '../style/usePreferences';
import { lessonAt, useChangeLesson, useLessonPlan, type Lesson } from './lessons';
import { StageRow } from './StageRow';

/** A lesson in its order, with minutes; opened on the board by one key. */
export function LessonScreen() {
  const { source = '' } = useParams();
  const lesson = useLessonPlan(source);
  if (!lesson.data) {
    return (
      <Box sx={{ p: 4 }}>
        {lesson.isError ? (
          <>
            <Trouble message={lesson.error.message} /> <Link to="/sets">To the sets</Link>
          </>
        ) : (
          'Setting the lesson out …'
        )}
      </Box>
    );
  }
  return <OneLesson key={source} lesson={lesson.data} />;
}

function OneLesson({ lesson }: { lesson: Lesson }) {
  const { source } = lesson;
  const navigate = useNavigate();
  const letters = useLetterKeys();
  const { change, anew, sheet } = useChangeLesson(source);
  const [minutes, setMinutes] = useState(String(lesson.minutes));
  const stages = lesson.stages.filter((stage) => !stage.skipped);
  const toBoard = (at: number) => {
    const state: BoardState = { works: [], at, step: 1, back: lessonAt(source), lesson: source };
    void navigate('/board', { state });
  };
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = (event.target as HTMLElement).closest('input, textarea, select, [role=dialog]');
      if (letters && event.key === 'b' && !typing && !event.ctrlKey && !event.metaKey && !event.altKey) {
        toBoard(0);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
  const fault = change.error ?? sheet.error ?? (anew.error?.about('minutes') ? undefined : anew.error);
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' }, maxWidth: 1040 }}>
      <Box component="h1" sx={{ m: 0 }}>
        {lesson.title}
      </Box>
      {lesson.aside && <Box sx={{ color: ink.faint, maxWidth: 760 }}>{lesson.aside}</Box>}
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap', mt: 1.5 }}>
        <Button variant="contained" autoFocus disabled={stages.length === 0} onClick={() => toBoard(0)}>
          Open on the board
        </Button>
        <Button
          variant="outlined"
          disabled={sheet.isPending}
          onClick={() => sheet.mutate(undefined, { onSuccess: ({ setId }) => navigate(`/sets/${setId}`) })}
        >
          {lesson.setId === undefined ? 'Make the sheet' : 'To the sheet'}
        </Button>
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault();
            anew.mutate(Number(minutes));
          }}
          sx={{ ml: 'auto', display: 'flex', gap: 1, alignItems: 'flex-start' }}
        >
          <Box sx={{ width: 110 }}>
            <Field
              label="Minutes"
              value={minutes}
              onChange={setMinutes}
              fault={anew.error?.about('minutes')}
              inputMode="numeric"
            />
          </Box>
          <Button type="submit" variant="outlined" disabled={anew.isPending}>
            Set out anew
          </Button>
        </Box>
      </Box>
      <Box sx={{ color: ink.faint, fontSize: 14.5, mt: 0.5 }}>
        {letters && (
          <>
            <b>b</b> opens the board.{' '}
          </>
        )}
        There a clicker goes through all of it; what you skip or add there is kept here.
      </Box>
      <Trouble message={fault?.message} />
      <Box
        component="ol"
        aria-label="The lesson in its order"
        sx={{ listStyle: 'none', p: 0, m: '14px 0 0' }}
      >
        {lesson.stages.map((stage, index) => (
          <StageRow
            key={`${index} ${stage.kind}`}
            stage={stage}
            onSkip={() =>
              change.mutate((all) =>
                all.map((each, i) => (i === index ? { ...each, skipped: !stage.skipped } : each)),
              )
            }
            onWithout={(problem) =>
              change.mutate((all) =>
                all.map((each, i) =>
                  i === index ? { ...each, problems: each.problems.filter((one) => one !== problem) } : each,
                ),
              )
            }
            onBoard={() => toBoard(stages.indexOf(stage))}
          />
        ))}
      </Box>
      <Box sx={{ fontWeight: 700, textAlign: 'right', mt: 1 }} role="status">
        {lesson.minutes} minutes
      </Box>
    </Box>
  );
}
