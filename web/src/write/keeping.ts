import type { Figure } from './figures';

/** What this device keeps of a paper until the server has it. */
type Kept = { figures: Figure[]; sent: number };

const name = (id: number) => `bemble paper ${id}`;

/** What was kept on this device, or nothing. */
export function kept(id: number): Kept | undefined {
  try {
    const text = localStorage.getItem(name(id));
    return text ? (JSON.parse(text) as Kept) : undefined;
  } catch {
    return undefined;
  }
}

export function keep(id: number, figures: Figure[], sent: number) {
  try {
    localStorage.setItem(name(id), JSON.stringify({ figures, sent }));
  } catch {
    // Where this device keeps nothing, the server still does.
  }
}

/** Tells when another window of this browser has gone on with the same paper. */
export function onKept(id: number, then: () => void) {
  const heard = (event: StorageEvent) => {
    if (event.key === name(id)) {
      then();
    }
  };
  window.addEventListener('storage', heard);
  return () => window.removeEventListener('storage', heard);
}
