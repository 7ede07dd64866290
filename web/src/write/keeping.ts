import type { PaperOfDevice } from './paperOfDevice';

const name = (id: number) => `bemble paper ${id}`;

/** What was kept on this device, or nothing. */
export function kept(id: number): PaperOfDevice | undefined {
  try {
    const text = localStorage.getItem(name(id));
    return text ? (JSON.parse(text) as PaperOfDevice) : undefined;
  } catch {
    return undefined;
  }
}

export function keep(id: number, paper: PaperOfDevice) {
  try {
    localStorage.setItem(name(id), JSON.stringify(paper));
  } catch {
    // Where this device keeps nothing, the server still does.
  }
}

/** Tells when another window of this browser has gone on with a paper. */
export function onKept(then: (id: number) => void) {
  const heard = (event: StorageEvent) => {
    const id = /^bemble paper (\d+)$/.exec(event.key ?? '')?.[1];
    if (id) {
      then(Number(id));
    }
  };
  window.addEventListener('storage', heard);
  return () => window.removeEventListener('storage', heard);
}
