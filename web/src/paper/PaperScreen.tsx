import { useEffect, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useEntry } from '../log/useLog';
import { Trouble } from '../app/Trouble';
import { EmptyPaper } from './EmptyPaper';
import { Paper } from './Paper';
import { ProblemLine } from './ProblemLine';
import { useStyle } from './usePaper';
import { Box } from '@mui/material';

/** Paper: one line to type a problem, and the paper it is worked on. */
export function PaperScreen() {
  const [search, setSearch] = useSearchParams();
  const entryId = search.get('entry');
  const problem = search.get('problem');
  const typedPoint = search.get('point') ?? undefined;
  const opened = useEntry(entryId ? Number(entryId) : undefined);
  const style = useStyle();
  const location = useLocation();
  const startAt = (location.state as { step?: number } | null)?.step;
  const [turn, setTurn] = useState(0);
  const point = style.data?.chosen.point;
  // The address says with which point it was typed, so that it stays the same problem whatever is chosen later.
  useEffect(() => {
    if (problem && !typedPoint && point) {
      setSearch({ problem, point }, { replace: true, state: location.state as unknown });
    }
  }, [problem, typedPoint, point, setSearch, location.state]);
  const begin = (typed: string) => {
    setTurn(turn + 1);
    setSearch({ problem: typed });
  };

  if (style.isError || opened.isError) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={(style.error ?? opened.error)?.message} />
      </Box>
    );
  }
  if (!style.data || (entryId && !opened.data)) {
    return <Box sx={{ p: 4 }}>Fetching paper …</Box>;
  }
  if (opened.data && entryId) {
    return (
      <Paper
        key={`entry ${entryId}`}
        typed={opened.data.problem}
        opened={opened.data}
        style={style.data}
        onBegin={begin}
        startAt={startAt}
      />
    );
  }
  if (problem) {
    return (
      <Paper
        key={`${turn} ${problem}`}
        typed={problem}
        typedPoint={typedPoint ?? point}
        style={style.data}
        onBegin={begin}
        startAt={startAt}
      />
    );
  }
  return (
    <Box
      sx={{
        p: { xs: '10px 12px', md: '18px 28px 14px 26px' },
        minHeight: '100%',
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <Box sx={{ display: 'flex' }}>
        <ProblemLine typed="" onBegin={begin} />
      </Box>
      <EmptyPaper />
    </Box>
  );
}
