import { Box } from '@mui/material';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { Field } from '../app/Field';
import { FirstWays } from '../begin/FirstWays';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { DaySheets } from '../plan/DaySheets';
import { GroupLine } from '../plan/GroupLine';
import { dayInWords } from '../app/timeInWords';
import { useToday } from './useToday';

/** The first screen: the day's plan, what waits, and a line to work a problem at once. */
export function TodayScreen() {
  const today = useToday();
  const [typed, setTyped] = useState('');
  const navigate = useNavigate();
  const work = (event: FormEvent) => {
    event.preventDefault();
    if (typed.trim()) {
      void navigate(`/paper?problem=${encodeURIComponent(typed.trim())}`);
    }
  };
  const { data } = today;
  const next = data?.lessons[0]?.groups.find((group) => group.withYou?.from === 0);
  // With no lesson yet the line to work a problem stands where one begins to read.
  const bare = data?.lessons.length === 0 && data.toTry.length > 0;
  const late = data !== undefined && data.lessons.length > 0 && data.toTry.length > 0;
  // A number typed anywhere on this page is the beginning of a problem.
  const line = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const elsewhere = (event.target as HTMLElement).closest('input, textarea, select');
      if (!elsewhere && /^[0-9]$/.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey) {
        line.current?.focus();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '18px 28px' }, maxWidth: { xs: 1160, xl: 2200 } }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ m: 0 }}>
          Today
        </Box>
        {data && <Box sx={{ color: ink.faint }}>{dayInWords(data.today)}</Box>}
      </Box>
      <Trouble message={today.error?.message} />
      {bare && <FirstWays toTry={data.toTry} />}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: bare ? 'minmax(0, 560px)' : 'minmax(0, 1.5fr) minmax(0, 1fr)',
            xl: bare ? 'minmax(0, 560px)' : 'minmax(0, 1fr) 400px',
          },
          columnGap: 5,
          mt: 1.5,
        }}
      >
        {/* On a wide screen a class has a column of its own. */}
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', xl: 'repeat(auto-fill, minmax(440px, 1fr))' },
            columnGap: 5,
            alignItems: 'start',
            alignContent: 'start',
          }}
        >
          {data?.lessons.map((lesson) => (
            <Box component="section" key={lesson.classId} aria-label={lesson.className} sx={{ mb: 2.5 }}>
              <Box component="h2" sx={head}>
                {lesson.className}
                <Box component="span" sx={{ fontWeight: 400, color: ink.faint, fontSize: 15 }}>
                  {' '}
                  {lesson.date === data.today ? 'today' : dayInWords(lesson.date)} ·{' '}
                  <Link
                    to={`/classes/${lesson.classId}?part=plan&week=${lesson.date}`}
                    aria-label={`the week of ${lesson.className}`}
                  >
                    the week
                  </Link>{' '}
                  ·{' '}
                  <Link
                    to={`/classes/${lesson.classId}/stand-in`}
                    aria-label={`page for a stand-in in ${lesson.className}`}
                  >
                    page for a stand-in
                  </Link>
                </Box>
              </Box>
              {lesson.groups.length === 0 && (
                <Box sx={{ color: ink.faint, mt: 0.5 }}>Nothing is planned.</Box>
              )}
              {lesson.groups.length > 0 && <DaySheets classId={lesson.classId} date={lesson.date} />}
              {lesson.groups.map((group) => (
                <GroupLine
                  key={group.key}
                  classId={lesson.classId}
                  week={lesson.date}
                  date={lesson.date}
                  group={group}
                  first={group === next}
                />
              ))}
            </Box>
          ))}
          {data?.lessons.length === 0 && data.toTry.length === 0 && (
            <Box sx={{ color: ink.faint, fontSize: 18, mt: 2 }}>
              No class has a lesson planned. <Link to="/classes">Make a class</Link> with the short names of
              its pupils; once their papers are marked, its week stands here.
            </Box>
          )}
        </Box>
        <Box>
          <Box component="form" onSubmit={work} sx={{ '& input': { fontFamily: digits, fontSize: 22 } }}>
            <Field
              label="Work a problem"
              value={typed}
              onChange={setTyped}
              placeholder="4206 - 1358"
              hint="Type a number anywhere on this page to begin."
              input={line}
              autoComplete="off"
            />
          </Box>
          {data?.last && (
            <Box sx={{ mb: 2.5 }}>
              <Box component="h2" sx={head}>
                Worked last
              </Box>
              <Box sx={{ fontFamily: digits, fontSize: 18, overflowWrap: 'anywhere' }}>
                <Link to={`/paper?problem=${encodeURIComponent(data.last.problem)}`}>
                  {data.last.problem}
                </Link>{' '}
                = {data.last.answer}
              </Box>
              <Box sx={{ color: ink.faint, fontSize: 14 }}>{data.last.label}</Box>
            </Box>
          )}
          {data ? (
            <>
              <Box component="h2" sx={head}>
                Papers to mark
              </Box>
              {data?.piles.length === 0 && <Box sx={{ color: ink.faint, mb: 1 }}>None waits.</Box>}
              {data.toBeJudged > 0 && (
                <Box sx={{ color: ink.faint, mb: 1 }} role="status">
                  What fits the wrong answers is still looked for on{' '}
                  {data.toBeJudged === 1 ? 'one paper' : `${data.toBeJudged} papers`}.
                </Box>
              )}
              {data?.piles.map((pile) => (
                <Box key={pile.id} sx={{ py: 0.4 }}>
                  <Link to={`/marking/${pile.id}`} style={{ overflowWrap: 'anywhere' }}>
                    {pile.title}
                  </Link>{' '}
                  <Box component="span" sx={{ color: ink.faint }}>
                    {pile.className}, {pile.waiting} of {pile.papers} wait
                  </Box>
                </Box>
              ))}
              <Box component="h2" sx={{ ...head, mt: 2.5 }}>
                Due again
              </Box>
              {data?.due.length === 0 && <Box sx={{ color: ink.faint }}>Nobody.</Box>}
              <Box sx={{ maxHeight: 330, overflow: 'auto' }}>
                {data?.due.map((due) => (
                  <Box key={due.pupil.id} sx={{ py: 0.2 }}>
                    <Link to={`/pupils/${due.pupil.id}`}>{due.pupil.name}</Link>{' '}
                    <Box component="span" sx={{ color: ink.faint, fontSize: 15 }}>
                      {due.rungs.join(' · ')}
                    </Box>
                  </Box>
                ))}
              </Box>
            </>
          ) : (
            !today.isError && <Box sx={{ color: ink.faint }}>Looking what waits …</Box>
          )}
        </Box>
      </Box>
      {late && <FirstWays toTry={data.toTry} />}
    </Box>
  );
}

const head = { fontSize: 18, m: '0 0 4px', borderBottom: `1px solid ${ink.hair}` } as const;
