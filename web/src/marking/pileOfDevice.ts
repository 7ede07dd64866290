import type { Schemas } from '../api/client';
import type { Entry, Pile } from './entry';

/** What was typed into a pile, as a device has it. All changes are pure; {@link queue} keeps them and sends what waits. */
const mostDone = 200;

export const empty: Pile = { waiting: [], done: [] };

/** Whether an entry waits for nobody's decision. */
export const isToSend = (entry: Entry) => entry.refused === undefined && entry.other === undefined;

const without = (pile: Pile, key: string): Pile => ({
  ...pile,
  waiting: pile.waiting.filter((each) => each.key !== key),
});

const withChanged = (pile: Pile, key: string, change: Partial<Entry>): Pile => ({
  ...pile,
  waiting: pile.waiting.map((each) => (each.key === key ? { ...each, ...change } : each)),
});

/** Whether an entry is on its way that takes this one back. */
const isTakenBack = (pile: Pile, entry: Entry) => pile.waiting.some((each) => each.undoes === entry.key);

/** Puts an entry behind those that wait; one for the same question that nobody has decided on makes room for it. */
export function typed(pile: Pile, entry: Entry): Pile {
  const sameQuestion = (each: Entry) =>
    each.pupil === entry.pupil && each.question !== undefined && each.question === entry.question;
  const before = pile.waiting.filter((each) => isToSend(each) || !sameQuestion(each));
  // What another window typed is none of one's own, though this browser keeps both: who typed over it has not seen it.
  const own = [...pile.done, ...before].findLast((each) => each.by === entry.by && sameQuestion(each));
  return { ...pile, waiting: [...before, { ...entry, follows: own?.key }] };
}

/**
 * The server has an entry. Where another window has taken it back meanwhile, it is taken back there too; what takes another back is
 * never taken back itself, though two windows may both have sent it.
 */
export function taken(pile: Pile, entry: Entry, undo: () => Entry): Pile {
  const still = pile.waiting.some((each) => each.key === entry.key);
  const settled = without({ ...pile, trouble: undefined }, entry.key);
  if (entry.undoes !== undefined) {
    return settled;
  }
  if (!still) {
    return pile.done.some((each) => each.key === entry.key) || isTakenBack(pile, entry)
      ? settled
      : typed(settled, undo());
  }
  return {
    ...settled,
    done: isTakenBack(pile, entry) ? pile.done : [...pile.done.slice(1 - mostDone), entry],
  };
}

/** The server does not take an entry, for a reason that stays; what would have taken it back is not needed any more. */
export const refused = (pile: Pile, key: string, why: string): Pile =>
  withChanged({ ...pile, waiting: pile.waiting.filter((each) => each.undoes !== key) }, key, {
    refused: why,
  });

/** Another window has kept something else there. */
export const changedElsewhere = (
  pile: Pile,
  key: string,
  theirs: Schemas['AnswerContent'] | undefined,
): Pile => withChanged(pile, key, { other: { theirs } });

/** An entry is about to be sent: from now on the server may have it, whatever is heard of it. */
export const tried = (pile: Pile, key: string): Pile => withChanged(pile, key, { tried: true });

/**
 * Takes the last entry back: one that was never sent goes; one that the server may have is taken back by another.
 * @param undo makes the entry that takes another back
 */
export function tookBack(pile: Pile, undo: (entry: Entry) => Entry): { pile: Pile; entry?: Entry } {
  const last = pile.waiting.findLast((each) => !each.undoes && !isTakenBack(pile, each));
  if (last && !(last.tried && isToSend(last))) {
    return { pile: without(pile, last.key), entry: last };
  }
  const undone = last ?? pile.done.at(-1);
  if (!undone) {
    return { pile };
  }
  const left = { ...pile, done: pile.done.filter((each) => each.key !== undone.key) };
  return { pile: typed(left, undo(undone)), entry: undone };
}

/** Lets an entry go that cannot be kept. */
export const dropped = without;

/** Keeps an entry over what another window has kept. */
export const insisted = (pile: Pile, key: string): Pile =>
  withChanged(pile, key, { other: undefined, seen: undefined, follows: undefined });
