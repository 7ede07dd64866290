import type { Schemas } from '../api/client';
import {
  inSquare,
  keyOf,
  partOf,
  type Anchor,
  type Figure,
  type Kind,
  type Part,
  type Square,
} from './figures';
import { historyOf, type History } from './history';
import { alongTheLine, beginning, nextLine, toward, type Direction } from './moving';
import { aboveWhatIsStruck, anchorFor, figure, partIn } from './parts';

/** A paper with what stands on it: all that was done in its order, and what is left of that. */
export type PaperNow = {
  paper: Schemas['PaperView'];
  figures: Figure[];
  there: Map<string, Figure>;
};

/**
 * The pen on a paper.
 *
 * @param at the square it is in
 * @param atEnd whether it has come to the end of its line by itself; only who goes there means to write over what stands there
 * @param small whether it writes small next
 * @param history what can be undone; worked out from the figures when it is first asked for
 */
export type PenState = { at: number; atEnd: boolean; small: boolean; history?: History };

/** What a hand does with the pen. */
export type PenEvent =
  | { does: 'digit'; typed: string }
  | { does: 'rub' | 'strike' | 'unclear' | 'mirror' | 'undo' | 'redo' | 'onwards' | 'small' }
  | { does: 'move'; direction: Direction };

/** @param written what it has written on the way, to go on to the figures of the paper */
export type PenDone = { pen: PenState; written: Figure[] };

const mostInSmall = 3;

export const penAtStart = (paper: Schemas['PaperView']): PenState => ({
  at: beginning(paper),
  atEnd: false,
  small: false,
});

/** What becomes of the pen, and what it writes. Undoing writes what stood there before. */
export function penAfter(now: PaperNow, pen: PenState, event: PenEvent, time: number): PenDone {
  const square = now.paper.squares[pen.at];
  switch (event.does) {
    case 'move':
      return only(goTo(pen, toward(now.paper.squares, pen.at, event.direction)));
    case 'onwards':
      return only(goTo(pen, nextLine(now.paper, pen.at, now.there)));
    case 'small':
      return only({ ...pen, small: !pen.small && square?.smallAt !== undefined });
    case 'undo':
      return undone(now, pen, time);
    case 'redo':
      return redone(now, pen, time);
    case 'rub':
      return rubbed(now, { ...pen, atEnd: false }, time);
  }
  if (!square) {
    return only(pen);
  }
  switch (event.does) {
    case 'digit':
      return digit(now, pen, square, event.typed, time);
    case 'strike':
      return struck(now, pen, square, time);
    default:
      return noted(now, pen, square, event.does, time);
  }
}

const only = (pen: PenState): PenDone => ({ pen, written: [] });

/** The pen in another square. */
export const goTo = (pen: PenState, to: number): PenState => ({ ...pen, at: to, small: false, atEnd: false });

const past = ({ figures }: PaperNow, pen: PenState) => pen.history ?? historyOf(figures);

const here = ({ there }: PaperNow, on: Square, anchor: Anchor, stroke = false) =>
  there.get(keyOf({ ...on, anchor, stroke }));

type Writing = { part: Part; kind: Kind; text: string; rubbed?: boolean };

function put(
  now: PaperNow,
  pen: PenState,
  { part, kind, text, rubbed = false }: Writing,
  time: number,
): PenDone {
  const after = figure(part, kind, text, rubbed, time);
  const done = [...past(now, pen).done, { before: now.there.get(keyOf(part)), after }];
  return { pen: { ...pen, history: { done, undone: [] } }, written: [after] };
}

/** A digit, where it goes from here. */
function digit(now: PaperNow, pen: PenState, square: Square, typed: string, time: number): PenDone {
  const { paper, there } = now;
  if (square.number) {
    const text = (here(now, square, 'middle')?.text ?? '') + typed;
    return put(now, pen, { part: partIn(square, 'middle'), kind: 'number', text }, time);
  }
  const aimed = (pen.small && square.smallAt !== undefined && paper.squares[square.smallAt]) || square;
  const target = aboveWhatIsStruck(paper.squares, aimed, pen.small, (on, anchor, stroke) =>
    here(now, on, anchor, stroke),
  );
  const anchor = anchorFor(target, pen.small);
  if (anchor === undefined) {
    return only(pen);
  }
  // What is crossed out stays to be seen, and the new figure is squeezed in beside it.
  const corrected = anchor === 'middle' && target.full && here(now, target, 'middle', true) !== undefined;
  const part = partIn(target, corrected ? 'after' : anchor);
  if (anchor === 'middle' && target.full) {
    if (pen.atEnd && !corrected) {
      return only(pen);
    }
    const next = alongTheLine(paper, pen.at, there);
    const moved = next === undefined ? { ...pen, atEnd: true } : goTo(pen, next);
    return put(now, moved, { part, kind: 'digit', text: typed }, time);
  }
  // A figure that is struck, and has no square above it, is written anew.
  const before = pen.small || here(now, target, anchor, true) ? '' : (here(now, target, anchor)?.text ?? '');
  const text = before.length < mostInSmall ? before + typed : typed;
  return put(now, { ...pen, small: false }, { part, kind: 'digit', text }, time);
}

/** What the pen can rub out or change in its square: what was put right there, the figure, else the small one, else the stroke. */
function topmost({ there }: PaperNow, on: Square): Figure | undefined {
  const all = [...there.values()].filter((each) => inSquare(each, on));
  return (
    all.findLast((each) => each.kind !== 'strike' && each.anchor === 'after') ??
    all.findLast((each) => each.kind !== 'strike' && each.anchor === 'middle') ??
    all.findLast((each) => each.kind !== 'strike') ??
    all.at(-1)
  );
}

function rubbed(now: PaperNow, pen: PenState, time: number): PenDone {
  const { squares } = now.paper;
  const square = squares[pen.at];
  let from = pen;
  let found = square && topmost(now, square);
  if (!found) {
    const last = [...now.there.values()].at(-1);
    const index = last ? squares.findIndex((each) => inSquare(last, each)) : -1;
    const on = squares[index];
    if (!on) {
      return only(pen);
    }
    from = goTo(pen, index);
    found = topmost(now, on);
  }
  const part = found && partOf(found);
  if (!found || !part) {
    return only(from);
  }
  const text = found.kind === 'strike' ? '' : (found.text ?? '').slice(0, -1);
  return put(now, from, { part, kind: found.kind, text, rubbed: text === '' }, time);
}

function struck(now: PaperNow, pen: PenState, square: Square, time: number): PenDone {
  const figureHere = topmost(now, square);
  if (!square.given && !figureHere) {
    return only(pen);
  }
  const anchor = square.given || !figureHere ? 'middle' : (figureHere.anchor ?? 'middle');
  const part = partIn(square, anchor, true);
  const text = square.given && anchor === 'middle' ? square.given : (here(now, square, anchor)?.text ?? '');
  return put(now, pen, { part, kind: 'strike', text, rubbed: now.there.has(keyOf(part)) }, time);
}

/** What stands there cannot be read, or is written in mirror image. */
function noted(
  now: PaperNow,
  pen: PenState,
  square: Square,
  what: 'unclear' | 'mirror',
  time: number,
): PenDone {
  const found = topmost(now, square);
  if (what === 'unclear') {
    const anchor = (found?.kind !== 'strike' && found?.anchor) || anchorFor(square, false);
    return anchor === undefined
      ? only(pen)
      : put(
          now,
          pen,
          { part: partIn(square, anchor), kind: square.number ? 'number' : 'digit', text: '?' },
          time,
        );
  }
  if (!found || found.kind === 'strike' || !found.anchor) {
    return only(pen);
  }
  const kind = found.kind === 'mirror' ? 'digit' : 'mirror';
  return put(now, pen, { part: partIn(square, found.anchor), kind, text: found.text ?? '' }, time);
}

function undone(now: PaperNow, pen: PenState, time: number): PenDone {
  const { done, undone: before } = past(now, pen);
  const last = done.at(-1);
  const part = last && partOf(last.after);
  if (!last || !part) {
    return only(pen);
  }
  const again = last.before
    ? { ...last.before, at: time }
    : { ...last.after, text: '', rubbed: true, at: time };
  const history = { done: done.slice(0, -1), undone: [...before, last] };
  return { pen: { ...backTo(now, pen, part), history }, written: [again] };
}

function redone(now: PaperNow, pen: PenState, time: number): PenDone {
  const { done, undone: before } = past(now, pen);
  const next = before.at(-1);
  const part = next && partOf(next.after);
  if (!next || !part) {
    return only(pen);
  }
  const history = { done: [...done, next], undone: before.slice(0, -1) };
  return { pen: { ...backTo(now, pen, part), history }, written: [{ ...next.after, at: time }] };
}

function backTo({ paper }: PaperNow, pen: PenState, part: Part): PenState {
  const index = paper.squares.findIndex((each) => inSquare(part, each));
  return index >= 0 ? goTo(pen, index) : pen;
}
