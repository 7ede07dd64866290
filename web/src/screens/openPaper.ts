import { useSyncExternalStore } from 'react';

function subscribe(tell: () => void) {
  window.addEventListener('hashchange', tell);
  return () => window.removeEventListener('hashchange', tell);
}

/** Which of a child's papers is open; none while all questions are shown. It stands behind the # of the address. */
export function useOpenPaper() {
  const hash = useSyncExternalStore(subscribe, () => window.location.hash);
  return /^#\d+$/.test(hash) ? Number(hash.slice(1)) : undefined;
}

export const toPaper = (id: number) => `#${id}`;

export const toAllQuestions = '#all';
