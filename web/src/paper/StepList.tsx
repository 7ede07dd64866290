import { Box, ButtonBase } from '@mui/material';
import { useEffect, useRef } from 'react';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';

type Step = Schemas['StepView'];
type Props = { steps: Step[]; current: number; onGo: (n: number) => void };

/** All steps under their headings; a click goes there. What is still to come keeps its result back. */
export function StepList({ steps, current, onGo }: Props) {
  const here = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' });
  }, [current]);
  return (
    <Box component="ol" aria-label="Steps" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {steps.map((step, i) => (
        <li key={step.n}>
          {step.title !== steps[i - 1]?.title && (
            <Box sx={{ color: ink.faint, fontSize: 13, fontWeight: 650, mt: i ? 1.5 : 0 }}>{step.title}</Box>
          )}
          <ButtonBase
            ref={step.n === current ? here : undefined}
            aria-current={step.n === current ? 'step' : undefined}
            onClick={() => onGo(step.n)}
            sx={{
              display: 'block',
              width: '100%',
              textAlign: 'left',
              bgcolor: step.n === current ? ink.amber : 'transparent',
              color: step.n > current ? ink.faint : ink.ink,
              fontWeight: step.n === current ? 700 : 400,
              fontFamily: digits,
              fontSize: 16,
              p: '3px 8px',
              '&:hover': { textDecoration: 'underline' },
            }}
          >
            {step.n > current ? upcoming(step) : step.fact || names[step.kind]}
          </ButtonBase>
        </li>
      ))}
    </Box>
  );
}

const names: Record<string, string> = { 'set-out': 'the numbers', check: 'how it is checked' };

/** A step that is still to come, without what comes out. */
const upcoming = (step: Step) => step.factAsked || names[step.kind] || step.kind;
