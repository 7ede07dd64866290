import { Box, ButtonBase } from '@mui/material';
import { memo, useEffect, useRef } from 'react';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';

type Step = Schemas['StepView'];
type Props = { steps: Step[]; current: number; onGo: (n: number) => void };

/** All steps under their headings; a click goes there. What is still to come keeps its result back. */
export function StepList({ steps, current, onGo }: Props) {
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    list.current?.querySelector('[aria-current=step]')?.scrollIntoView({ block: 'nearest' });
  }, [current]);
  return (
    <Box component="ol" ref={list} aria-label="Steps" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {steps.map((step, i) => (
        <Line
          key={step.n}
          step={step}
          titled={step.title !== steps[i - 1]?.title}
          first={i === 0}
          time={step.n === current ? 'now' : step.n > current ? 'to come' : 'done'}
          onGo={onGo}
        />
      ))}
    </Box>
  );
}

type LineProps = {
  step: Step;
  titled: boolean;
  first: boolean;
  time: 'done' | 'now' | 'to come';
  onGo: (n: number) => void;
};

/** It is drawn anew only when its time changes: a long working has hundreds, and a key moves past one. */
const Line = memo(function Line({ step, titled, first, time, onGo }: LineProps) {
  return (
    <li>
      {titled && (
        <Box sx={{ color: ink.faint, fontSize: 13, fontWeight: 650, mt: first ? 0 : 1.5 }}>{step.title}</Box>
      )}
      <ButtonBase
        aria-current={time === 'now' ? 'step' : undefined}
        onClick={() => onGo(step.n)}
        sx={{
          display: 'block',
          width: '100%',
          textAlign: 'left',
          bgcolor: time === 'now' ? ink.amber : 'transparent',
          color: time === 'to come' ? ink.faint : ink.ink,
          fontWeight: time === 'now' ? 700 : 400,
          fontFamily: digits,
          fontSize: 16,
          p: '3px 8px',
          '&:hover': { textDecoration: 'underline' },
        }}
      >
        {time === 'to come' ? upcoming(step) : step.fact || names[step.kind]}
      </ButtonBase>
    </li>
  );
});

const names: Record<string, string> = { 'set-out': 'the numbers', check: 'how it is checked' };

/** A step that is still to come, without what comes out. */
const upcoming = (step: Step) => step.factAsked || names[step.kind] || step.kind;
