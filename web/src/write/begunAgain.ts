import { useMemo, useState } from 'react';
import type { Schemas } from '../api/client';
import { standing, type Figure } from './figures';
import { focusOnPaper } from './focus';
import { beginning } from './moving';

type Paper = Schemas['PaperView'];

/** What the server calls a block that is begun for the second time; of the two the last counts that is not struck out. */
const second = (block: string) => `${block}#2`;

/** A paper and, below it, the same squares for who begins again. The lower ones come first: there the pen is. */
export type TwicePaper = { sheet: Paper; pen: Paper };

const gap = 1;

export function twice(paper: Paper): TwicePaper {
  const down = paper.rows + gap;
  const pen: Paper = {
    ...paper,
    rows: paper.rows + down,
    squares: paper.squares.map((square) => ({
      ...square,
      block: second(square.block),
      row: square.row + down,
      name: `begun again, ${square.name}`,
    })),
    marks: paper.marks.map((mark) => ({
      ...mark,
      block: second(mark.block),
      row: mark.row + down,
      toRow: mark.toRow === undefined ? undefined : mark.toRow + down,
    })),
  };
  const sheet = {
    ...pen,
    squares: [...pen.squares, ...paper.squares],
    marks: [...paper.marks, ...pen.marks],
  };
  return { sheet, pen };
}

const isSecond = (figure: Figure) => figure.block?.endsWith(second('')) ?? false;

/** Whether anything stands in a block that was begun again. */
export const isBegunAgain = (figures: Figure[]) =>
  figures.some(isSecond) && [...standing(figures).values()].some(isSecond);

/** The paper as it is written on: with room below once somebody begins again there, or has. */
export function useBegunAgain(paper: Paper, figures: Figure[]) {
  const [asked, setAsked] = useState(false);
  const begun = useMemo(() => isBegunAgain(figures), [figures]);
  const again = asked || begun;
  const papers = useMemo<TwicePaper>(
    () => (again ? twice(paper) : { sheet: paper, pen: paper }),
    [paper, again],
  );
  return {
    ...papers,
    again,
    /** How many rows from the top no longer count. */
    crossedOut: begun ? paper.rows : undefined,
    begin: (goTo: (to: number) => void, within: HTMLElement | null) => {
      setAsked(true);
      goTo(beginning(paper));
      focusOnPaper(within);
    },
  };
}
