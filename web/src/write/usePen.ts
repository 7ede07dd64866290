import { useCallback, useMemo, useState } from 'react';
import type { Schemas } from '../api/client';
import { standing, type Figure, type Square } from './figures';
import type { Direction } from './moving';
import { goTo as movedTo, penAfter, penAtStart, type PenEvent } from './pen';

type Paper = Schemas['PaperView'];

/** The pen on a paper: where it is, and what it writes there. */
export function usePen(paper: Paper, figures: Figure[], begun: number, add: (more: Figure[]) => void) {
  const there = useMemo(() => standing(figures), [figures]);
  const [pen, setPen] = useState(() => penAtStart(paper));
  const time = () => Math.max(0, Date.now() - begun);

  const act = (event: PenEvent) => {
    const { pen: after, written } = penAfter({ paper, figures, there }, pen, event, time());
    setPen(after);
    if (written.length > 0) {
      add(written);
    }
  };
  // Where one is led to is no deed of the hand: it needs nothing of what stands there.
  const squares = paper.squares.length;
  const goTo = useCallback(
    (to: number) => {
      // A press beside what is written on, such as into a working that is crossed out, leads nowhere.
      if (to < squares) {
        setPen((now) => movedTo(now, to));
      }
    },
    [squares],
  );

  return {
    at: pen.at,
    square: paper.squares[pen.at] as Square | undefined,
    small: pen.small,
    atEnd: pen.atEnd,
    there,
    goTo,
    onwards: () => act({ does: 'onwards' }),
    digit: (typed: string) => act({ does: 'digit', typed }),
    rub: () => act({ does: 'rub' }),
    strike: () => act({ does: 'strike' }),
    note: (what: 'unclear' | 'mirror') => act({ does: what }),
    undo: () => act({ does: 'undo' }),
    redo: () => act({ does: 'redo' }),
    move: (direction: Direction) => act({ does: 'move', direction }),
    toSmall: () => act({ does: 'small' }),
    help: (size: string) => add([{ at: time(), kind: 'nudge', text: size, rubbed: false }]),
  };
}

export type Pen = ReturnType<typeof usePen>;
