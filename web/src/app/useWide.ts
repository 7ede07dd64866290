import { useSyncExternalStore } from 'react';

const wide = window.matchMedia('(min-width: 900px)');

function subscribe(tell: () => void) {
  wide.addEventListener('change', tell);
  return () => wide.removeEventListener('change', tell);
}

/** Whether there is room for something beside what is first on the page. */
export const useWide = () => useSyncExternalStore(subscribe, () => wide.matches);
