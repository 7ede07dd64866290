import type { Entry, Pile } from './entry';

/**
 * Where this device keeps what was typed into piles. Each entry has a place of its own, so that two windows which write at the same
 * instant never write over each other.
 */
type Kept = Entry & { done?: boolean };

const placeOf = (name: string, key: string) => `${name} ${key}`;

/** The names of the piles that are kept under a prefix. */
export function kept(prefix: string): string[] {
  const names = new Set<string>();
  for (let i = 0; i < localStorage.length; i++) {
    const place = localStorage.key(i);
    if (place?.startsWith(prefix)) {
      names.add(place.slice(0, place.lastIndexOf(' ')));
    }
  }
  return [...names];
}

/** What is kept of a pile, in the order in which it was typed; nothing where this device keeps nothing. */
export function read(name: string): Pile | undefined {
  const entries: Kept[] = [];
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const place = localStorage.key(i);
      const text = place?.startsWith(`${name} `) ? localStorage.getItem(place) : null;
      if (text) {
        entries.push(JSON.parse(text) as Kept);
      }
    }
  } catch {
    return undefined;
  }
  entries.sort((one, other) => one.at - other.at || one.key.localeCompare(other.key));
  const plain = (kept: Kept): Entry => {
    const entry = { ...kept };
    delete entry.done;
    return entry;
  };
  return {
    waiting: entries.filter((each) => !each.done).map(plain),
    done: entries.filter((each) => each.done).map(plain),
  };
}

/** Keeps what a change has made of a pile: no more than the entries that it touched. Says whether this device has kept it. */
export function write(name: string, before: Pile, after: Pile): boolean {
  const was = places(before);
  const is = places(after);
  try {
    is.forEach((text, key) => {
      if (was.get(key) !== text) {
        localStorage.setItem(placeOf(name, key), text);
      }
    });
    was.forEach((_text, key) => {
      if (!is.has(key)) {
        localStorage.removeItem(placeOf(name, key));
      }
    });
    return true;
  } catch {
    return false;
  }
}

const places = (pile: Pile) =>
  new Map<string, string>([
    ...pile.waiting.map((entry) => [entry.key, JSON.stringify(entry)] as const),
    ...pile.done.map((entry) => [entry.key, JSON.stringify({ ...entry, done: true })] as const),
  ]);
