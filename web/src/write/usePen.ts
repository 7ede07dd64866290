import { useCallback, useMemo, useRef, useState } from 'react';
import type { Schemas } from '../api/client';
import {
  inSquare,
  keyOf,
  partOf,
  standing,
  type Anchor,
  type Figure,
  type Kind,
  type Part,
  type Square,
} from './figures';
import { historyOf, type History } from './history';
import { alongTheLine, beginning, nextLine, toward, type Direction } from './moving';
import { aboveWhatIsStruck, anchorFor, figure, partIn } from './parts';

type Paper = Schemas['PaperView'];
const mostInSmall = 3;

/** The pen on a paper: where it is, and what it writes there. Undoing writes what stood there before. */
export function usePen(paper: Paper, figures: Figure[], begun: number, add: (more: Figure[]) => void) {
  const there = useMemo(() => standing(figures), [figures]);
  const [at, setAt] = useState(() => beginning(paper));
  /** Whether the pen has come to the end of its line by itself; only who goes there means to write over what stands there. */
  const [atEnd, setAtEnd] = useState(false);
  const [small, setSmall] = useState(false);
  const history = useRef<History>(undefined);
  const past = useCallback(() => (history.current ??= historyOf(figures)), [figures]);
  const square = paper.squares[at] as Square | undefined;

  const time = useCallback(() => Math.max(0, Date.now() - begun), [begun]);

  const put = useCallback(
    (part: Part, kind: Kind, text: string, rubbed = false) => {
      const after = figure(part, kind, text, rubbed, time());
      past().done.push({ before: there.get(keyOf(part)), after });
      past().undone.length = 0;
      add([after]);
    },
    [add, time, there, past],
  );

  const here = useCallback(
    (on: Square, anchor: Anchor, stroke = false) => there.get(keyOf({ ...on, anchor, stroke })),
    [there],
  );

  const goTo = useCallback((to: number) => {
    setAt(to);
    setSmall(false);
    setAtEnd(false);
  }, []);

  const onwards = useCallback(() => goTo(nextLine(paper, at, there)), [goTo, paper, at, there]);

  /** A digit, where it goes from here. */
  const digit = (typed: string) => {
    if (!square) {
      return;
    }
    if (square.number) {
      put(partIn(square, 'middle'), 'number', (here(square, 'middle')?.text ?? '') + typed);
      return;
    }
    const aimed = (small && square.smallAt !== undefined && paper.squares[square.smallAt]) || square;
    const target = aboveWhatIsStruck(paper.squares, aimed, small, here);
    const anchor = anchorFor(target, small);
    if (anchor === undefined) {
      return;
    }
    // What is crossed out stays to be seen, and the new figure is squeezed in beside it.
    const corrected = anchor === 'middle' && target.full && here(target, 'middle', true) !== undefined;
    const part = partIn(target, corrected ? 'after' : anchor);
    if (anchor === 'middle' && target.full) {
      if (atEnd && !corrected) {
        return;
      }
      put(part, 'digit', typed);
      const next = alongTheLine(paper, at, there);
      if (next === undefined) {
        setAtEnd(true);
      } else {
        goTo(next);
      }
      return;
    }
    // A figure that is struck, and has no square above it, is written anew.
    const before = small || here(target, anchor, true) ? '' : (here(target, anchor)?.text ?? '');
    put(part, 'digit', before.length < mostInSmall ? before + typed : typed);
    setSmall(false);
  };

  /** What the pen can rub out or change in its square: what was put right there, the figure, else the small one, else the stroke. */
  const topmost = (on: Square): Figure | undefined => {
    const all = [...there.values()].filter((each) => inSquare(each, on));
    return (
      all.findLast((each) => each.kind !== 'strike' && each.anchor === 'after') ??
      all.findLast((each) => each.kind !== 'strike' && each.anchor === 'middle') ??
      all.findLast((each) => each.kind !== 'strike') ??
      all.at(-1)
    );
  };

  const rub = () => {
    setAtEnd(false);
    let on = square;
    let found = on && topmost(on);
    if (!found) {
      const last = [...there.values()].at(-1);
      const index = last ? paper.squares.findIndex((each) => inSquare(last, each)) : -1;
      if (index < 0) {
        return;
      }
      goTo(index);
      on = paper.squares[index];
      found = on && topmost(on);
    }
    const part = found && partOf(found);
    if (found && part) {
      const rest = found.kind === 'strike' ? '' : (found.text ?? '').slice(0, -1);
      put(part, found.kind, rest, rest === '');
    }
  };

  const strike = () => {
    if (!square) {
      return;
    }
    const figureHere = topmost(square);
    const anchor = square.given || !figureHere ? 'middle' : (figureHere.anchor ?? 'middle');
    if (!square.given && !figureHere) {
      return;
    }
    const part = partIn(square, anchor, true);
    const struck = square.given && anchor === 'middle' ? square.given : (here(square, anchor)?.text ?? '');
    put(part, 'strike', struck, there.has(keyOf(part)));
  };

  /** What stands there cannot be read, or is written in mirror image. */
  const note = (what: 'unclear' | 'mirror') => {
    if (!square) {
      return;
    }
    const found = topmost(square);
    if (what === 'unclear') {
      const anchor = found?.anchor ?? anchorFor(square, false);
      if (anchor !== undefined) {
        put(partIn(square, anchor), square.number ? 'number' : 'digit', '?');
      }
    } else if (found && found.kind !== 'strike' && found.anchor) {
      put(partIn(square, found.anchor), found.kind === 'mirror' ? 'digit' : 'mirror', found.text ?? '');
    }
  };

  const undo = () => {
    const last = past().done.pop();
    const part = last && partOf(last.after);
    if (last && part) {
      past().undone.push(last);
      add([
        last.before ? { ...last.before, at: time() } : { ...last.after, text: '', rubbed: true, at: time() },
      ]);
      backTo(part);
    }
  };

  const redo = () => {
    const next = past().undone.pop();
    const part = next && partOf(next.after);
    if (next && part) {
      past().done.push(next);
      add([{ ...next.after, at: time() }]);
      backTo(part);
    }
  };

  const backTo = (part: Part) => {
    const index = paper.squares.findIndex((each) => inSquare(part, each));
    if (index >= 0) {
      goTo(index);
    }
  };

  return {
    at,
    square,
    small,
    atEnd,
    there,
    goTo,
    onwards,
    digit,
    rub,
    strike,
    note,
    undo,
    redo,
    move: (direction: Direction) => goTo(toward(paper.squares, at, direction)),
    toSmall: () => setSmall((was) => !was && square?.smallAt !== undefined),
    help: (size: string) => add([{ at: time(), kind: 'nudge', text: size, rubbed: false }]),
  };
}

export type Pen = ReturnType<typeof usePen>;
