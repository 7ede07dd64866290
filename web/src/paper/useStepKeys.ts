import { useEffect } from 'react';
import { useLetterKeys } from '../style/usePreferences';
import type { Steps } from './useSteps';

const typing = 'input, textarea, select, [contenteditable]';

/** The keys that move through a working, wherever the focus is but in a field. */
export function useStepKeys(steps: Steps, toProblem: () => void) {
  const letters = useLetterKeys();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.key === 'Escape') {
        toProblem();
        return;
      }
      const onButton = target.matches('button, a') && event.key === ' ';
      if (target.matches(typing) || onButton || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      const moves: Record<string, () => void> = {
        ArrowRight: steps.next,
        ' ': steps.next,
        PageDown: steps.next,
        ArrowLeft: steps.back,
        PageUp: steps.back,
        Home: steps.toStart,
        End: steps.toEnd,
        ...(letters ? { p: steps.play } : {}),
      };
      const move = moves[event.key];
      if (move) {
        event.preventDefault();
        move();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [steps, toProblem, letters]);
}
