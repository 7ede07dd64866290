import { useEffect, useState } from 'react';
import type { Schemas } from '../api/client';

type Step = Schemas['StepView'];

/**
 * A lesson on the board: forward and back through the steps and, when asking, each step's question before it,
 * with what the class has answered so far.
 */
export function useBoard(steps: Step[], startAt: number, onLeave: (step: number) => void) {
  const [current, setCurrent] = useState(Math.min(startAt, steps.length));
  const [asking, setAsking] = useState(false);
  const [waiting, setWaiting] = useState(false);
  const [typed, setTyped] = useState('');
  const [contrast, setContrast] = useState(false);
  const [help, setHelp] = useState(false);
  const next = steps[current];
  const expected = next?.expects.join('') ?? '';
  const wrong = !expected.startsWith(typed);

  const goTo = (n: number) => {
    setCurrent(Math.max(1, Math.min(n, steps.length)));
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

  useEffect(() => {
    const keys: Record<string, () => void> = {
      ArrowRight: forward,
      ' ': forward,
      PageDown: forward,
      ArrowLeft: back,
      PageUp: back,
      Home: () => goTo(1),
      End: () => goTo(steps.findLast((step) => step.part === 'work')?.n ?? 1),
      Escape: () => (help ? setHelp(false) : onLeave(current)),
      Backspace: () => setTyped(typed.slice(0, -1)),
      a: () => {
        setAsking(!asking);
        goTo(current);
      },
      c: () => setContrast(!contrast),
      '?': () => setHelp(!help),
    };
    const press = (event: KeyboardEvent) => {
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
