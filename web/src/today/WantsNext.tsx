import { Box, Button } from '@mui/material';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { ink } from '../app/ink';
import { dayInWords, dayOfMomentInWords } from '../app/timeInWords';
import { Trouble } from '../app/Trouble';
import { lessonAt, ofGroup } from '../lesson/lessons';
import type { AskState } from '../marking/asked';
import { useBeginMarking } from '../marking/useMarking';
import { useToday, type Today } from './useToday';

type Day = Today['lessons'][number];
type Group = Day['groups'][number];

const groupsOf = (today: Today) =>
  today.lessons.flatMap((lesson) => lesson.groups.map((group) => ({ lesson, group })));

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ mb: 3 }}>
      <Box component="h2" sx={{ fontSize: 17, m: '0 0 4px', borderBottom: `1px solid ${ink.hair}` }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}

const whose = ({ className, date }: Day, { pupils }: Group) =>
  `${className}, ${dayInWords(date)}, ${pupils.length === 1 ? pupils[0]?.name : `${pupils.length} pupils`}`;

function Row({ to, title, aside }: { to: string; title: string; aside: string }) {
  return (
    <Box sx={{ py: 0.5 }}>
      <Link to={to} style={{ overflowWrap: 'anywhere' }}>
        {title}
      </Link>
      <Box sx={{ color: ink.faint, fontSize: 14 }}>{aside}</Box>
    </Box>
  );
}

/** Papers begun, and the sheets of the next lesson to be written by oneself. */
export function NextToWrite() {
  const { data } = useToday();
  if (!data) {
    return null;
  }
  const sheets = groupsOf(data).filter(({ group }) => group.setId !== undefined);
  return (
    <>
      <Part title="Papers begun">
        {data.papers.length === 0 && <Box sx={{ color: ink.faint }}>None; what you begin waits here.</Box>}
        {data.papers.map((paper) => (
          <Row
            key={paper.id}
            to={`/write/${paper.id}`}
            title={paper.problem}
            aside={dayOfMomentInWords(paper.begunAt)}
          />
        ))}
      </Part>
      {sheets.length > 0 && (
        <Part title="The sheets of the next lesson">
          {sheets.map(({ lesson, group }) => (
            <Row
              key={lesson.classId + group.key}
              to={`/sets/${group.setId}/write`}
              title={group.title}
              aside={whose(lesson, group)}
            />
          ))}
        </Part>
      )}
      {data.last && (
        <Part title="Worked last">
          <Row
            to={`/write?problem=${encodeURIComponent(data.last.problem)}`}
            title={data.last.problem}
            aside="to write it by hand"
          />
        </Part>
      )}
    </>
  );
}

/** What the next lesson of each class is about, each a lesson to be opened. */
export function NextLessons() {
  const { data } = useToday();
  if (!data || data.lessons.length === 0) {
    return null;
  }
  return (
    <Part title="The next lesson">
      {groupsOf(data).map(({ lesson, group }) => (
        <Row
          key={lesson.classId + group.key}
          to={
            group.setId === undefined
              ? lessonAt(ofGroup(lesson.classId, lesson.date, group))
              : `/sets/${group.setId}`
          }
          title={group.title}
          aside={`${whose(lesson, group)}${group.setId === undefined ? '' : '; its sheet is made'}`}
        />
      ))}
    </Part>
  );
}

/** The piles that wait, and the sheets of the day that come back soon. */
export function NextToMark() {
  const navigate = useNavigate();
  const begin = useBeginMarking();
  const { data } = useToday();
  if (!data) {
    return null;
  }
  const sheets = groupsOf(data).filter(({ group }) => group.setId !== undefined);
  return (
    <>
      {/* Where it stands above the page, nothing that waits takes no room. */}
      <Box sx={{ display: { xs: data.piles.length === 0 ? 'none' : 'block', lg: 'block' } }}>
        <Part title="Papers that wait">
          {data.piles.length === 0 && <Box sx={{ color: ink.faint }}>None.</Box>}
          {data.piles.map((pile) => (
            <Row
              key={pile.id}
              to={`/marking/${pile.id}`}
              title={pile.title}
              aside={`${pile.className}, ${pile.waiting} of ${pile.papers} wait`}
            />
          ))}
        </Part>
      </Box>
      {sheets.length > 0 && (
        <Part title="Sheets of the lesson">
          {sheets.map(({ lesson, group }) => (
            <Box key={lesson.classId + group.key} sx={{ py: 0.5 }}>
              {group.title}
              <Box sx={{ color: ink.faint, fontSize: 14 }}>{whose(lesson, group)}</Box>
              <Button
                sx={{ p: '0 4px', textDecoration: 'underline', fontWeight: 400 }}
                disabled={begin.isPending}
                onClick={() =>
                  begin.mutate(
                    { classId: lesson.classId, setId: group.setId },
                    { onSuccess: (made) => navigate(`/marking/${made.id}`) },
                  )
                }
                aria-label={`Mark them: ${group.title}, ${whose(lesson, group)}`}
              >
                Mark them
              </Button>
            </Box>
          ))}
        </Part>
      )}
      <Trouble message={begin.error?.message} />
    </>
  );
}

/** Children whose answers are mostly wrong, to be asked a few questions. */
export function NextToAsk({ onAsk }: { onAsk: (state: AskState) => void }) {
  const { data } = useToday();
  const failing = data
    ? groupsOf(data).filter(({ group }) => group.kind === 'again' || group.kind === 'quiz')
    : [];
  if (failing.length === 0) {
    return null;
  }
  return (
    <Part title="Whom to ask">
      {failing.map(({ lesson, group }) => (
        <Box key={lesson.classId + group.key} sx={{ py: 0.5 }}>
          <Box sx={{ color: ink.faint, fontSize: 14 }}>
            {lesson.className}: {group.title}
          </Box>
          {group.pupils.map((pupil) => (
            <Button
              key={pupil.id}
              sx={{ p: '0 6px 0 0', textDecoration: 'underline', fontWeight: 400 }}
              onClick={() =>
                onAsk({ pupil: pupil.name, operation: group.operation, asked: [], back: '/marking' })
              }
              aria-label={`${pupil.name}, ${group.title}`}
            >
              {pupil.name}
            </Button>
          ))}
        </Box>
      ))}
    </Part>
  );
}
