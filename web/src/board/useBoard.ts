import { useLayoutEffect, useState } from 'react';
import type { Schemas } from '../api/client';
import { beyond } from '../paper/useSteps';
import type { Mistake } from './useMistake';

/**
 * A lesson on the board: forward and back through the steps and, when asking, each step's question before it,
 * with what the class has answered so far.
 */
export function useBoard(
  worked: Schemas['WorkResponse'],
  startAt: number,
  mistake: Mistake,
  onLeave: (step: number) => void,
) {
  const { steps, slip } = worked;
  const [at, setAt] = useState(startAt);
  const [shown, setShown] = useState(slip);
  const [asking, setAsking] = useState(false);
  const [waiting, setWaiting] = useState(false);
  const [typed, setTyped] = useState('');
  const [contrast, setContrast] = useState(false);
  const [help, setHelp] = useState(false);
  const lastOfWork = steps.findLast((step) => step.part === 'work')?.n ?? 1;
  const current = at > steps.length ? lastOfWork : at;
  const next = steps[current];
  const expected = next?.expects.join('') ?? '';
  const wrong = !expected.startsWith(typed);

  if (shown !== slip) {
    // A mistake is looked for from the first step on; put right, the whole right working stands alone.
    setShown(slip);
    setAt(slip ? 1 : beyond);
    setWaiting(false);
    setTyped('');
  }

  const goTo = (n: number) => {
    setAt(Math.max(1, Math.min(n, steps.length)));
    setWaiting(false);
    setTyped('');
  };
  const forward = () => {
    if (asking && !waiting && expected !== '') {
      setWaiting(true);
    } else {
      goTo(current + 1);
    }
  };
  const back = () => (waiting ? goTo(current) : goTo(current - 1));
  const answer = (digit: string) => {
    const answered = typed + digit;
    if (wrong) {
      return;
    }
    if (answered === expected) {
      goTo(current + 1);
    } else {
      setTyped(answered);
    }
  };

  // Before the board is painted, so that no key pressed on a board one can see is lost.
  useLayoutEffect(() => {
    const keys: Record<string, () => void> = {
      ArrowRight: forward,
      ' ': forward,
      PageDown: forward,
      ArrowLeft: back,
      PageUp: back,
      Home: () => goTo(1),
      End: () => goTo(lastOfWork),
      Escape: () => {
        if (help || mistake.choosing) {
          setHelp(false);
          mistake.close();
        } else {
          onLeave(current);
        }
      },
      m: mistake.open,
      r: mistake.ring,
      x: mistake.strike,
      p: () => mistake.choose(undefined),
      Backspace: () => setTyped(typed.slice(0, -1)),
      a: () => {
        setAsking(!asking);
        goTo(current);
      },
      c: () => setContrast(!contrast),
      '?': () => setHelp(!help),
    };
    const press = (event: KeyboardEvent) => {
      const choosing = (event.target as HTMLElement).matches('button');
      if (choosing && [' ', 'Enter', 'Tab'].includes(event.key)) {
        return;
      }
      const act = waiting && /^\d$/.test(event.key) ? () => answer(event.key) : keys[event.key];
      if (act && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        act();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  return { current, asking, waiting, typed, wrong, contrast, help, next };
}
