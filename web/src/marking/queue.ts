import { Refused, type Schemas } from '../api/client';
import { newKey } from '../api/newKey';
import type { Entry, Pile, Sender } from './entry';
import { thisWindow } from './thisWindow';

const mostDone = 200;
const longestWait = 15_000;
/** Answers of the server after which nothing becomes better by sending the same again. */
const final = [400, 404, 413, 422];
const none: Pile = { waiting: [], done: [] };

const piles = new Map<string, Pile>();
const sending = new Map<string, string>();
/** The timers of piles that wait before the next try, and how often in a row sending failed. */
const waits = new Map<string, number>();
const failures = new Map<string, number>();
const listeners = new Set<() => void>();
let sender: Sender | undefined;
let owner = 0;

const prefix = () => `bemble pile ${owner} `;
const nameOf = (marking: number) => prefix() + marking;
const markingOf = (name: string) => Number(name.slice(prefix().length));

function read(name: string): Pile {
  try {
    const text = localStorage.getItem(name);
    return text ? (JSON.parse(text) as Pile) : none;
  } catch {
    return none;
  }
}

function write(name: string, pile: Pile) {
  piles.set(name, pile);
  try {
    if (pile.waiting.length + pile.done.length > 0) {
      localStorage.setItem(name, JSON.stringify({ waiting: pile.waiting, done: pile.done }));
    } else {
      localStorage.removeItem(name);
    }
  } catch {
    // Where this device keeps nothing it still stands here until the window is closed.
  }
  listeners.forEach((listener) => listener());
}

const pileOf = (name: string) => piles.get(name) ?? none;

/** The pile with what another window of this browser has just put there. */
function latest(name: string): Pile {
  const stored = read(name);
  return stored === none ? pileOf(name) : { ...stored, trouble: pileOf(name).trouble };
}

/** Whether an entry waits for nobody's decision. */
const isToSend = (entry: Entry) => entry.refused === undefined && entry.other === undefined;

/** Begins to send what this device has kept of a teacher's piles. */
export function startQueues(teacher: number, by: Sender) {
  owner = teacher;
  sender = by;
  for (let i = 0; i < localStorage.length; i++) {
    const name = localStorage.key(i);
    if (name?.startsWith(prefix())) {
      write(name, read(name));
      void pump(name);
    }
  }
  const online = () => piles.forEach((_, name) => retry(name));
  const elsewhere = (event: StorageEvent) => {
    if (event.key?.startsWith(prefix())) {
      piles.set(event.key, { ...read(event.key), trouble: pileOf(event.key).trouble });
      listeners.forEach((listener) => listener());
    }
  };
  window.addEventListener('online', online);
  window.addEventListener('storage', elsewhere);
  return () => {
    window.removeEventListener('online', online);
    window.removeEventListener('storage', elsewhere);
    waits.forEach((timer) => window.clearTimeout(timer));
    waits.clear();
    failures.clear();
    piles.clear();
    sender = undefined;
  };
}

function retry(name: string) {
  window.clearTimeout(waits.get(name));
  waits.delete(name);
  void pump(name);
}

const without = (pile: Pile, key: string): Pile => ({
  ...pile,
  waiting: pile.waiting.filter((each) => each.key !== key),
});

const withChanged = (pile: Pile, key: string, change: Partial<Entry>): Pile => ({
  ...pile,
  waiting: pile.waiting.map((each) => (each.key === key ? { ...each, ...change } : each)),
});

/** Sends one entry after the other, in the order in which they were typed. */
async function pump(name: string) {
  const entry = pileOf(name).waiting.find(isToSend);
  if (!entry || !sender || sending.has(name) || waits.has(name)) {
    return;
  }
  sending.set(name, entry.key);
  const marking = markingOf(name);
  const by = sender;
  try {
    await by.send(marking, entry);
    // Who has signed out meanwhile finds it waiting; what was done once is not done again.
    if (sender !== by) {
      return;
    }
    taken(name, entry);
    if (!pileOf(name).waiting.some(isToSend)) {
      by.emptied(marking);
    }
  } catch (fault) {
    if (sender === by) {
      failed(name, entry, fault);
    }
  } finally {
    sending.delete(name);
  }
  if (sender === by) {
    void pump(name);
  }
}

function taken(name: string, entry: Entry) {
  const pile = without({ ...latest(name), trouble: undefined }, entry.key);
  failures.delete(name);
  const isPast = entry.undoes !== undefined || isTakenBack(pile, entry);
  const done = isPast ? pile.done : [...pile.done.slice(1 - mostDone), entry];
  write(name, { ...pile, done });
}

function failed(name: string, entry: Entry, fault: unknown) {
  const pile = latest(name);
  const refused = fault instanceof Refused ? fault : undefined;
  if (refused?.status === 409) {
    write(
      name,
      withChanged(pile, entry.key, {
        other: { theirs: refused.current as Schemas['AnswerContent'] | undefined },
      }),
    );
  } else if (refused && final.includes(refused.status)) {
    // What was never kept need not be taken back.
    const left = { ...pile, waiting: pile.waiting.filter((each) => each.undoes !== entry.key) };
    write(name, withChanged(left, entry.key, { refused: refused.message }));
  } else {
    const tries = (failures.get(name) ?? 0) + 1;
    failures.set(name, tries);
    waits.set(
      name,
      window.setTimeout(() => retry(name), Math.min(longestWait, 500 * 2 ** tries)),
    );
    write(name, {
      ...pile,
      trouble: refused && refused.status > 0 ? refused.message : 'Bemble does not answer.',
    });
  }
}

/** Puts an entry behind those that wait; one for the same question that nobody has decided on makes room for it. */
export function add(marking: number, entry: Omit<Entry, 'key' | 'by'>) {
  const name = nameOf(marking);
  const pile = latest(name);
  const before = pile.waiting.filter(
    (each) =>
      !(
        (each.refused !== undefined || each.other !== undefined) &&
        each.pupil === entry.pupil &&
        each.question !== undefined &&
        each.question === entry.question
      ),
  );
  // What another window typed is none of one's own, though this browser keeps both: who typed over it has not seen it.
  const own = [...pile.done, ...before].findLast(
    (each) =>
      each.by === thisWindow() &&
      each.pupil === entry.pupil &&
      each.question === entry.question &&
      entry.question !== undefined,
  );
  const key = newKey();
  write(name, { ...pile, waiting: [...before, { ...entry, key, by: thisWindow(), follows: own?.key }] });
  void pump(name);
}

/** Whether an entry is on its way that takes this one back. */
const isTakenBack = (pile: Pile, entry: Entry) => pile.waiting.some((each) => each.undoes === entry.key);

/** Takes the last entry back, and says which; nothing where there is none. */
export function takeBack(marking: number): Entry | undefined {
  const name = nameOf(marking);
  const pile = latest(name);
  const last = pile.waiting.findLast((each) => !each.undoes && !isTakenBack(pile, each));
  if (last && sending.get(name) !== last.key) {
    write(name, without(pile, last.key));
    return last;
  }
  const undone = last ?? pile.done.at(-1);
  if (undone) {
    write(name, { ...pile, done: pile.done.filter((each) => each.key !== undone.key) });
    add(marking, { pupil: undone.pupil, undoes: undone.key, says: `take back ${undone.says}` });
  }
  return undone;
}

/** Lets an entry go that cannot be kept. */
export function drop(marking: number, key: string) {
  write(nameOf(marking), without(latest(nameOf(marking)), key));
}

/** Lets all go that waits for a pile which is not there any more. */
export function dropAll(marking: number) {
  write(nameOf(marking), none);
}

/** Keeps an entry over what another window has kept. */
export function insist(marking: number, key: string) {
  const name = nameOf(marking);
  write(name, withChanged(latest(name), key, { other: undefined, seen: undefined, follows: undefined }));
  void pump(name);
}

export const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const pile = (marking: number) => pileOf(nameOf(marking));

/** The piles in which something is not yet kept, with how much. */
export function unkept(): string {
  return [...piles]
    .filter(([name, each]) => name.startsWith(prefix()) && each.waiting.length > 0)
    .map(([name, each]) => `${markingOf(name)}:${each.waiting.length}`)
    .join(' ');
}
