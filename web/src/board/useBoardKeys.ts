import { useLayoutEffect } from 'react';
import { useLetterKeys } from '../style/usePreferences';

/**
 * Hears keys wherever the focus is but in a dialog's buttons, from the moment the board is seen on.
 * A key that `keys` does not know goes to `other`, which says whether it took it. Letters are only heard where
 * the teacher wants them to be.
 */
export type BoardKeys = Record<string, () => void>;

export function useBoardKeys(keys: BoardKeys, other: (key: string) => boolean) {
  const letters = useLetterKeys();
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!letters && /^[a-z]$/i.test(event.key)) {
        return;
      }
      const onButton = (event.target as HTMLElement).matches('button');
      if (event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      if (onButton && [' ', 'Enter', 'Tab'].includes(event.key)) {
        return;
      }
      if (other(event.key)) {
        event.preventDefault();
      } else if (keys[event.key]) {
        event.preventDefault();
        keys[event.key]?.();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
}
