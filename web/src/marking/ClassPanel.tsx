import { Box, Button } from '@mui/material';
import { useNavigate } from 'react-router';
import type { BoardState } from '../board/subject';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useStyle } from '../paper/usePaper';
import { PilePicture } from '../glance/PilePicture';
import { SlipThumb } from '../glance/SlipThumb';
import { NameRule } from '../rules/NameRule';
import { factInWords } from '../record/factInWords';
import { useClassPicture, useSetForGroup, type Marking } from './useMarking';

type Pupils = NonNullable<ReturnType<typeof useClassPicture>['data']>['pupils'];

/** Pupils of whom nothing that is known explains what they answered; said as it is, with what helps. */
function Unexplained({ pupils }: { pupils: Pupils }) {
  const unexplained = pupils.filter((pupil) => pupil.say);
  return (
    unexplained.length > 0 && (
      <>
        <h2>Not explained by one cause</h2>
        {unexplained.map(({ pupil, wrong, say }) => (
          <Box key={pupil.id} sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75 }}>
            <b>{pupil.name}</b>, {wrong} wrong.{' '}
            <Box component="span" sx={{ color: ink.faint }}>
              {say}
            </Box>
          </Box>
        ))}
      </>
    )
  );
}

/** What a class's papers show together, and what to do about it tomorrow. */
export function ClassPanel({ marking }: { marking: Marking }) {
  const picture = useClassPicture(marking.id);
  const make = useSetForGroup(marking.id);
  const style = useStyle();
  const navigate = useNavigate();
  if (!picture.data) {
    return picture.isError ? (
      <Trouble message={picture.error.message} />
    ) : (
      <Box>Looking through the pile …</Box>
    );
  }
  const { questions, groups, facts, pupils } = picture.data;
  const marked = pupils.filter((pupil) => pupil.right + pupil.wrong > 0);
  if (marked.length === 0) {
    return (
      <Box sx={{ color: ink.faint, fontSize: 18, mt: 3 }}>
        Nothing is marked yet. Begin with “Paper by paper”.
      </Box>
    );
  }
  const show = (problem: string, slip: string) => {
    const choices = style.data?.chosen;
    const state: BoardState = {
      works: [
        { problem, style: choices, slip },
        { problem, style: choices },
      ],
      at: 0,
      step: 1,
      back: `/marking/${marking.id}?view=class`,
    };
    void navigate('/board', { state });
  };
  return (
    <Box sx={{ maxWidth: 1500, '& h2': { fontSize: 19, m: '18px 0 6px' } }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 6 }}>
        <Box sx={{ minWidth: 0 }}>
          <h2>The pile</h2>
          <PilePicture
            picture={picture.data.picture}
            marking={marking.id}
            name={`The pile of ${marking.className}`}
          />
        </Box>
        <Box sx={{ flex: '1 1 400px', minWidth: 0, maxWidth: 760 }}>
          <h2>Pupils who share a cause</h2>
          {groups.length === 0 && (
            <Box sx={{ color: ink.faint }}>No cause is borne out by more than one answer.</Box>
          )}
          <Trouble message={make.error?.message} />
          {groups.map((group) => (
            <Box key={group.slip} sx={{ borderTop: `1px solid ${ink.hair}`, py: 1 }}>
              <Box sx={{ display: 'flex', columnGap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
                <Box sx={{ fontWeight: 700, fontSize: 17 }}>{group.name}</Box>
                <Box sx={{ color: ink.faint }}>
                  {group.sureness} · a child who {group.label}
                </Box>
              </Box>
              <Box sx={{ my: 0.25 }}>{group.pupils.join(' · ')}</Box>
              <Box sx={{ display: 'flex', columnGap: 2.5, flexWrap: { xs: 'wrap', sm: 'nowrap' } }}>
                <SlipThumb
                  slip={group.slip}
                  operation={group.operation}
                  name={group.name}
                  problem={group.shownIn}
                />
                <Box sx={{ color: ink.faint, fontSize: 15 }}>{group.help}</Box>
              </Box>
              <Box sx={{ display: 'flex', gap: 1, mt: 0.5, flexWrap: 'wrap' }}>
                {group.example && (
                  <Button variant="outlined" onClick={() => show(group.example ?? '', group.slip)}>
                    Show {group.example} on the board
                  </Button>
                )}
                <Button
                  variant="outlined"
                  disabled={make.isPending}
                  onClick={() =>
                    make.mutate(group.slip, { onSuccess: (made) => navigate(`/sets/${made.id}`) })
                  }
                >
                  Make a set for this group
                </Button>
                {group.telling && (
                  <Box sx={{ alignSelf: 'center' }}>
                    A question that tells:{' '}
                    <Box component="span" sx={{ font: `400 17px ${digits}` }}>
                      {group.telling}
                    </Box>
                  </Box>
                )}
                <NameRule rule={group.slip} operation={group.operation} name={group.name} />
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
      <Unexplained pupils={pupils} />
      <h2>Questions that went wrong most</h2>
      {questions.length === 0 && <Box sx={{ color: ink.faint }}>Every answer so far is right.</Box>}
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          '& td': { pr: { xs: 1, sm: 3 }, py: 0.25 },
          '& tr': { display: { xs: 'flex', sm: 'table-row' }, flexWrap: 'wrap', overflowWrap: 'anywhere' },
        }}
      >
        <tbody>
          {questions.map((question) => (
            <tr key={question.question}>
              <td>{question.question}.</td>
              <Box component="td" sx={{ font: `400 17px ${digits}` }}>
                {question.problem} = {question.answer}
              </Box>
              <td>
                {question.wrong} of {question.of} wrong
              </td>
              <Box component="td" sx={{ font: `400 16px ${digits}`, color: ink.faint }}>
                {question.answers.join(', ')}
              </Box>
            </tr>
          ))}
        </tbody>
      </Box>
      {facts.length > 0 && (
        <>
          <h2>Facts that were missed</h2>
          {facts.map((fact) => (
            <Box key={fact.fact}>
              <Box component="span" sx={{ font: `700 17px ${digits}` }}>
                {factInWords(fact.fact)}
              </Box>
              <Box component="span" sx={{ color: ink.faint }}>
                {' '}
                {fact.pupils.join(' · ')}
              </Box>
            </Box>
          ))}
        </>
      )}
      <h2>Pupil by pupil</h2>
      {marked.map((pupil) => (
        <Box key={pupil.pupil.id} sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75 }}>
          <Box component="span" sx={{ fontWeight: 650 }}>
            {pupil.pupil.name}
          </Box>{' '}
          <Box component="span" sx={{ color: ink.faint }}>
            {pupil.right} right, {pupil.wrong} wrong{pupil.quiz && `; quiz ${pupil.quiz}`}
          </Box>
          {pupil.causes.slice(0, 3).map((cause) => (
            <Box key={cause.slip + (cause.with ?? '')} sx={{ pl: 2 }}>
              <b>{cause.name}</b>: {cause.say}{' '}
              <NameRule rule={cause.slip} operation={cause.operation} name={cause.name} />
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}
