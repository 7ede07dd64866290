import { Box, Button, Slider } from '@mui/material';
import { useEffect, useMemo, useState } from 'react';
import { ink } from '../app/ink';
import { useWorked } from '../paper/usePaper';
import { SheetPainter } from '../sheet/SheetPainter';
import { partOf, standing, type Figure } from './figures';
import type { AttemptView, Paper } from './useAttempts';
import { WritingSheet } from './WritingSheet';

const longestPause = 2000;

type Props = { attempt: AttemptView; figures: Figure[]; at?: number; onAt: (at: number | undefined) => void };

/** A paper written once more, step by step or at its own pace, beside the right working. */
export function ReplayPanel({ attempt, figures, at, onAt }: Props) {
  const [playing, setPlaying] = useState(false);
  const [beside, setBeside] = useState(false);
  const worked = useWorked(beside ? attempt.work : undefined);
  const now = at ?? figures.length;
  const last = figures.length;

  useEffect(() => {
    const next = figures[now];
    if (!playing || !next) {
      return undefined;
    }
    const pause = Math.min(longestPause, Math.max(120, next.at - (figures[now - 1]?.at ?? next.at)));
    const timer = setTimeout(() => {
      onAt(now + 1);
      setPlaying(now + 1 < figures.length);
    }, pause);
    return () => clearTimeout(timer);
  }, [playing, now, figures, onAt]);

  useEffect(() => () => onAt(undefined), [onAt]);

  const shownLast = figures[now - 1];
  const taken = figures.filter((figure) => figure.kind === 'nudge').length;
  return (
    <Box sx={{ px: 1 }}>
      <Slider
        aria-label="How much was written"
        value={now}
        min={0}
        max={last}
        onChange={(_, value) => onAt(value as number)}
        sx={{ color: ink.ink }}
      />
      <Box sx={{ color: ink.faint, fontSize: 14 }}>
        {now} of {last}
        {shownLast && ` · ${clock(shownLast.at)}`}
        {taken > 0 && ` · help taken: ${taken}`}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, my: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" disabled={now === 0} onClick={() => onAt(now - 1)}>
          Back
        </Button>
        <Button variant="outlined" disabled={now >= last} onClick={() => onAt(now + 1)}>
          Next
        </Button>
        <Button
          variant="contained"
          onClick={() => {
            if (!playing && now >= last) {
              onAt(0);
            }
            setPlaying(!playing);
          }}
        >
          {playing ? 'Pause' : 'Play'}
        </Button>
      </Box>
      <Button onClick={() => setBeside(!beside)} sx={{ p: 0, textDecoration: 'underline', fontWeight: 400 }}>
        {beside ? 'Put the right working away' : 'Set the right working beside it'}
      </Button>
      {worked.data && beside && (
        <Box sx={{ display: 'grid', height: 300, mt: 1 }}>
          <SheetPainter
            sheet={worked.data.sheet}
            step={worked.data.steps.filter((step) => step.part === 'work').length}
            lastOfWork={worked.data.steps.filter((step) => step.part === 'work').length}
            name={`the right working of ${attempt.problem}`}
          />
        </Box>
      )}
    </Box>
  );
}

const clock = (ms: number) =>
  `${Math.floor(ms / 60000)}:${String(Math.floor(ms / 1000) % 60).padStart(2, '0')}`;

/** The paper as it stood after so many things were done. */
function ReplayedSheet(props: { paper: Paper; figures: Figure[]; upTo: number; name: string }) {
  const there = useMemo(() => standing(props.figures.slice(0, props.upTo)), [props.figures, props.upTo]);
  const last = props.figures[props.upTo - 1];
  const part = last && partOf(last);
  const at = part
    ? props.paper.squares.findIndex(
        (square) => square.block === part.block && square.line === part.line && square.place === part.place,
      )
    : -1;
  return (
    <WritingSheet
      paper={props.paper}
      there={there}
      at={at < 0 ? undefined : at}
      name={`${props.name}, replayed`}
    />
  );
}

ReplayPanel.Sheet = ReplayedSheet;
