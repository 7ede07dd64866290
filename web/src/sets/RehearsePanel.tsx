import { useMutation } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { useNavigate } from 'react-router';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import type { SetEditor } from './useSetEditor';

/** The set tried on a simulated class before it is printed. */
export function RehearsePanel({ editor }: { editor: SetEditor }) {
  const rehearse = useMutation<Schemas['RehearsalView'], Refused>({
    mutationFn: () =>
      ask(
        api.POST('/api/rehearse', {
          body: { problems: editor.content.questions.map((each) => each.problem) },
        }),
      ),
  });
  const navigate = useNavigate();
  const write = useMutation<Schemas['SimulatedRun'], Refused, number>({
    mutationFn: (pupil) =>
      ask(
        api.POST('/api/rehearse/papers', {
          body: { pupil, rehearsal: { problems: editor.content.questions.map((each) => each.problem) } },
        }),
      ),
    onSuccess: (run) => navigate(`/write/${run.first}`),
  });
  const { data } = rehearse;
  return (
    <Box sx={{ overflow: 'auto', height: '100%', pb: 2, '& h2': { fontSize: 18, m: '16px 0 4px' } }}>
      <Box component="p" sx={{ maxWidth: 720, mt: 0 }}>
        Sixteen invented pupils write this set: some with care, some in a hurry, the others each with a slip
        that is often met. So you see what the set will bring out before anybody sits over it.
      </Box>
      <Button
        variant="contained"
        onClick={() => rehearse.mutate()}
        disabled={rehearse.isPending || editor.content.questions.length === 0}
      >
        {rehearse.isPending ? 'They are writing …' : 'Rehearse this set'}
      </Button>
      {editor.content.questions.length === 0 && (
        <Box sx={{ color: ink.faint, mt: 1 }}>There is no question yet. Draw some under Questions.</Box>
      )}
      <Trouble message={rehearse.error?.message} />
      {data && (
        <Box sx={{ maxWidth: 980 }}>
          <h2>Time</h2>
          About {data.minutes} minutes; the slowest needs {data.slowest}.<h2>What it brings out</h2>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2.5 }}>
            {data.shown.slice(0, 18).map((each) => (
              <Box component="span" key={each.name} sx={{ whiteSpace: 'nowrap' }}>
                {each.name}{' '}
                <Box component="span" sx={{ color: ink.faint }}>
                  in {each.questions}
                </Box>
              </Box>
            ))}
          </Box>
          {data.hidden.length > 0 && (
            <Box sx={{ mt: 0.5 }}>No question gives these a chance: {data.hidden.join(', ')}.</Box>
          )}
          {data.alike.length > 0 && (
            <Box sx={{ mt: 0.5 }}>
              Not to be told apart: {data.alike.map((names) => names.join(' and ')).join('; ')}.
            </Box>
          )}
          {data.nobodyWrong.length > 0 && (
            <Box sx={{ mt: 0.5 }}>Nobody gets these wrong: questions {data.nobodyWrong.join(', ')}.</Box>
          )}
          <h2>Their papers</h2>
          <Box sx={{ color: ink.faint }}>
            Press a name to have that pupil write the set on paper, to be replayed figure by figure.
          </Box>
          <Trouble message={write.error?.message} />
          <Box
            component="table"
            sx={{
              borderCollapse: 'collapse',
              fontSize: 15,
              '& td': { pr: 1.5, borderTop: `1px solid ${ink.hair}` },
            }}
          >
            <tbody>
              {data.papers.map((paper, index) => (
                <tr key={paper.pupil}>
                  <td>
                    <Button sx={{ p: 0 }} disabled={write.isPending} onClick={() => write.mutate(index)}>
                      {paper.pupil}
                    </Button>
                  </td>
                  <Box component="td" sx={{ color: ink.faint, whiteSpace: 'nowrap' }}>
                    {paper.does || 'with care'}
                  </Box>
                  {paper.answers.map((answer, i) => (
                    <Box
                      component="td"
                      key={i}
                      sx={{
                        font: `${paper.right[i] ? 400 : 700} 15px ${digits}`,
                        color: paper.right[i] ? ink.faint : ink.wrong,
                      }}
                    >
                      {answer}
                      {!paper.right[i] && ' ✗'}
                    </Box>
                  ))}
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
      )}
    </Box>
  );
}
