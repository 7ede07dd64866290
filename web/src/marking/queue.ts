import { Refused, type Schemas } from '../api/client';
import { newKey } from '../api/newKey';
import type { Entry, Pile, Sender } from './entry';
import * as change from './pileOfDevice';
import { kept, read, write } from './queueStore';
import { thisWindow } from './thisWindow';

const longestWait = 15_000;
/** Answers of the server after which nothing becomes better by sending the same again. */
const final = [400, 404, 413, 422];

/** What waits in each pile, as this window sees it; kept on the device by {@link write}. */
const piles = new Map<string, Pile>();
/** Piles of which this device keeps nothing: they stand in this window until it is closed. */
const notKept = new Set<string>();
const sending = new Set<string>();
/** The timers of piles that wait before the next try, and how often in a row sending failed. */
const waits = new Map<string, number>();
const failures = new Map<string, number>();
const listeners = new Set<() => void>();
let sender: Sender | undefined;
let owner = 0;
let lastAt = 0;

const prefix = () => `bemble pile ${owner} `;
const nameOf = (marking: number) => prefix() + marking;
const markingOf = (name: string) => Number(name.slice(prefix().length));
const pileOf = (name: string) => piles.get(name) ?? change.empty;

/** The moment of an entry; no two of a window are of the same. */
const now = () => (lastAt = Math.max(Date.now(), lastAt + 0.001));

/** The pile with what another window of this browser has just put there. */
const latest = (name: string): Pile =>
  notKept.has(name) ? pileOf(name) : { ...pileOf(name), ...read(name) };

/** Changes a pile as it is now, also by what another window has done. */
function become(name: string, by: (pile: Pile) => Pile) {
  const before = latest(name);
  const after = by(before);
  piles.set(name, after);
  if (!write(name, before, after)) {
    notKept.add(name);
  }
  listeners.forEach((listener) => listener());
}

/** Begins to send what this device has kept of a teacher's piles. */
export function startQueues(teacher: number, by: Sender) {
  owner = teacher;
  sender = by;
  kept(prefix()).forEach((name) => {
    become(name, (pile) => pile);
    void pump(name);
  });
  const online = () => piles.forEach((_, name) => retry(name));
  const elsewhere = (event: StorageEvent) => {
    if (event.key?.startsWith(prefix())) {
      const name = event.key.slice(0, event.key.lastIndexOf(' '));
      piles.set(name, latest(name));
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

/** Sends one entry after the other, in the order in which they were typed. */
async function pump(name: string) {
  const entry = pileOf(name).waiting.find(change.isToSend);
  if (!entry || !sender || sending.has(name) || waits.has(name)) {
    return;
  }
  sending.add(name);
  become(name, (pile) => change.tried(pile, entry.key));
  const marking = markingOf(name);
  const by = sender;
  try {
    await by.send(marking, entry);
    // Who has signed out meanwhile finds it waiting; what was done once is not done again.
    if (sender !== by) {
      return;
    }
    failures.delete(name);
    become(name, (pile) => change.taken(pile, entry, () => undoing(entry)));
    if (!pileOf(name).waiting.some(change.isToSend)) {
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

function failed(name: string, entry: Entry, fault: unknown) {
  const refused = fault instanceof Refused ? fault : undefined;
  if (refused?.status === 409) {
    const theirs = refused.current as Schemas['AnswerContent'] | undefined;
    become(name, (pile) => change.changedElsewhere(pile, entry.key, theirs));
  } else if (refused && final.includes(refused.status)) {
    become(name, (pile) => change.refused(pile, entry.key, refused.message));
  } else {
    const tries = (failures.get(name) ?? 0) + 1;
    failures.set(name, tries);
    waits.set(
      name,
      window.setTimeout(() => retry(name), Math.min(longestWait, 500 * 2 ** tries)),
    );
    const trouble = refused && refused.status > 0 ? refused.message : 'Bemble does not answer.';
    become(name, (pile) => ({ ...pile, trouble }));
  }
}

const made = (entry: Omit<Entry, 'key' | 'by' | 'at'>): Entry => ({
  ...entry,
  key: newKey(),
  by: thisWindow,
  at: now(),
});

const undoing = (entry: Entry) =>
  made({ pupil: entry.pupil, undoes: entry.key, says: `take back ${entry.says}` });

/** Something was typed. */
export function add(marking: number, entry: Omit<Entry, 'key' | 'by' | 'at'>) {
  become(nameOf(marking), (pile) => change.typed(pile, made(entry)));
  void pump(nameOf(marking));
}

/** Takes the last entry back, and says which; nothing where there is none. */
export function takeBack(marking: number): Entry | undefined {
  const name = nameOf(marking);
  let back: Entry | undefined;
  become(name, (pile) => {
    const { pile: after, entry } = change.tookBack(pile, undoing);
    back = entry;
    return after;
  });
  void pump(name);
  return back;
}

/** Lets an entry go that cannot be kept. */
export function drop(marking: number, key: string) {
  become(nameOf(marking), (pile) => change.dropped(pile, key));
}

/** Lets all go that waits for a pile which is not there any more. */
export function dropAll(marking: number) {
  become(nameOf(marking), () => change.empty);
}

/** Keeps an entry over what another window has kept. */
export function insist(marking: number, key: string) {
  become(nameOf(marking), (pile) => change.insisted(pile, key));
  void pump(nameOf(marking));
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
