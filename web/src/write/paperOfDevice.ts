import type { Figure } from './figures';

/**
 * A paper as this device has it: all that was done on it, in the order of doing, and how much of that the server has. All changes are
 * pure, so that any order in which writing, answers, lost answers, reloads and other windows come can be tried.
 */
export type PaperOfDevice = { figures: Figure[]; sent: number };

/** The same for figures that are the same thing done: what was done at one moment in one square was done once. */
const thing = (figure: Figure) =>
  [
    figure.at,
    figure.kind,
    figure.block ?? '',
    figure.line ?? '',
    figure.place ?? '',
    figure.anchor ?? '',
    figure.text ?? '',
    figure.rubbed,
  ].join('|');

/** What of these the server does not have: an answer may have been lost on the way, and what was sent is there. */
export function onlyHere(theirs: Figure[], mine: Figure[]): Figure[] {
  const there = new Map<string, number>();
  theirs.forEach((figure) => there.set(thing(figure), (there.get(thing(figure)) ?? 0) + 1));
  return mine.filter((figure) => {
    const left = there.get(thing(figure)) ?? 0;
    there.set(thing(figure), left - 1);
    return left <= 0;
  });
}

/** A paper as the server gave it, with what this device had kept of it before. */
export function opened(kept: PaperOfDevice | undefined, theirs: Figure[]): PaperOfDevice {
  const before = Math.min(kept?.sent ?? 0, theirs.length);
  const mine = kept ? onlyHere(theirs.slice(before), kept.figures.slice(before)) : [];
  return { figures: [...theirs, ...mine], sent: theirs.length };
}

/** The same after it was fetched once more; an answer older than what the server has taken since tells nothing. */
export const fetchedAgain = (paper: PaperOfDevice, theirs: Figure[]): PaperOfDevice =>
  theirs.length > paper.sent ? opened(paper, theirs) : paper;

/** After something was done on it. */
export const done = (paper: PaperOfDevice, more: Figure[]): PaperOfDevice => ({
  ...paper,
  figures: [...paper.figures, ...more],
});

/** After the server has said how much it has. */
export const taken = (paper: PaperOfDevice, count: number): PaperOfDevice => ({
  ...paper,
  sent: Math.min(Math.max(paper.sent, count), paper.figures.length),
});

/** What the server does not have yet. */
export const unsent = (paper: PaperOfDevice | undefined): Figure[] => paper?.figures.slice(paper.sent) ?? [];
