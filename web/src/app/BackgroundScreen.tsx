import { Box } from '@mui/material';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { ink } from './ink';
import { momentInWords } from './timeInWords';
import { Trouble } from './Trouble';
import { useQuery } from './useQuery';

const askAgainAfter = 2000;

/** What Bemble works at behind the screens, for the whole school. */
export function BackgroundScreen() {
  const queues = useQuery<Schemas['QueueView'][], Refused>({
    queryKey: keys.background,
    queryFn: () => ask(api.GET('/api/background')),
    refetchInterval: askAgainAfter,
    staleTime: 0,
  });
  if (!queues.data) {
    return (
      <Box sx={{ p: 4 }}>
        {queues.isError ? <Trouble message={queues.error.message} /> : 'Looking what is at work …'}
      </Box>
    );
  }
  const busy = queues.data.filter((queue) => queue.running + queue.waiting + queue.toBeRetried > 0);
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '20px 32px' }, maxWidth: 860 }}>
      <Box component="h1" sx={{ m: 0 }}>
        At work behind the screens
      </Box>
      <p role="status">
        {busy.length === 0
          ? 'Nothing is waiting: everything that was saved is judged, counted and in its place.'
          : `You need not wait for any of this. ${atStop(busy)}`}
      </p>
      <Box component="table" sx={table}>
        <thead>
          <tr>
            <th scope="col">What it does</th>
            <th scope="col">Now</th>
            <th scope="col">Waiting</th>
            <th scope="col">Done</th>
          </tr>
        </thead>
        <tbody>
          {queues.data.map((queue) => (
            <tr key={queue.name}>
              <th scope="row">
                {queue.doing}
                <Box sx={{ color: queue.toBeRetried > 0 ? ink.wrong : ink.faint, fontSize: 14 }}>
                  {failures(queue)}
                </Box>
              </th>
              <td>{queue.running > 0 ? 'at work' : '–'}</td>
              <td>{queue.waiting > 0 ? queue.waiting : '–'}</td>
              <td>{queue.done}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

/** What becomes of the work that waits, should Bemble be stopped now. */
function atStop(busy: Schemas['QueueView'][]) {
  if (busy.every((queue) => queue.goesOn)) {
    return 'What is not done when Bemble is stopped is done after its next start.';
  }
  return busy.some((queue) => queue.goesOn)
    ? 'When Bemble is stopped, files and prints under way have to be begun again; all else is done after its next start.'
    : 'Files and prints that are under way when Bemble is stopped have to be begun again.';
}

function failures({ failed, lastFailure, toBeRetried }: Schemas['QueueView']) {
  if (failed === 0 || !lastFailure) {
    return null;
  }
  const when = `Went wrong ${failed === 1 ? 'once' : `${failed} times`}, last on ${momentInWords(lastFailure)}`;
  return toBeRetried > 0
    ? `${when}; ${toBeRetried} will be tried again by itself.`
    : `${when}; the log says why.`;
}

const table = {
  borderCollapse: 'collapse',
  width: '100%',
  '& th, & td': {
    textAlign: 'left',
    fontWeight: 400,
    borderTop: `1px solid ${ink.hair}`,
    p: '8px 16px 8px 0',
  },
  '& thead th': { borderTop: 0, color: ink.faint, fontSize: 14, whiteSpace: 'nowrap' },
  '& td': { verticalAlign: 'top', whiteSpace: 'nowrap', fontVariantNumeric: 'tabular-nums' },
} as const;
