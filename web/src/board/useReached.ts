import { useEffect } from 'react';
import type { Reached } from './subject';

/** Notes where one is with the page itself, so that a reload leads back to it and nowhere else. */
export function useReached({ item, step }: Reached) {
  useEffect(() => {
    const kept = window.history.state as { usr?: object } | null;
    window.history.replaceState({ ...kept, usr: { ...kept?.usr, reached: { item, step } } }, '');
  }, [item, step]);
}
