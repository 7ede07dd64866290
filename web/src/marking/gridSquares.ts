import type { Entry } from './entry';
import type { Answer, Marking, Paper } from './useMarking';

const signs: Record<string, string> = { right: '✓', blank: '–', 'not-reached': '/', unclear: '?' };

export const squareId = (paper: Paper, question: number) => `fault-${paper.pupil.id}-${question}`;

/** The faults with that of one square said, or no longer. */
export function said(faults: Record<string, string>, id: string, fault: string | undefined) {
  const others = Object.fromEntries(Object.entries(faults).filter(([other]) => other !== id));
  return fault ? { ...others, [id]: fault } : others;
}

export const byQuestion = (paper: Paper) => new Map(paper.answers.map((answer) => [answer.question, answer]));

export const waitingAt = (waiting: Entry[], paper: Paper, question: number) =>
  waiting.findLast((entry) => entry.pupil === paper.pupil.id && entry.question === question);

/** How wide a column of the grid is: as its longest answer, unless that is very long. */
export function width(marking: Marking, there: Map<number, Answer>[], question: number) {
  const right = marking.sheets.map((sheet) => sheet.questions[question]?.answer.length ?? 0);
  const given = there.map((paper) => shown(paper.get(question + 1)).length);
  return 15 * (0.62 * Math.min(24, Math.max(6, ...right, ...given)) + 0.4);
}

/** What stands in a square of the grid. */
export const shown = (answer: Answer | undefined) => (!answer ? '' : (signs[answer.state] ?? answer.given));

/** The square to which a key leads: at a row's end to the next row, at the foot of a column to the next column. */
export function after(
  key: string,
  row: number,
  column: number,
  rows: number,
  columns: number,
): [number, number] | undefined {
  const at =
    key === 'Enter' ? row * columns + column + 1 : column * rows + row + (key === 'ArrowDown' ? 1 : -1);
  if (!['Enter', 'ArrowDown', 'ArrowUp'].includes(key)) {
    return undefined;
  }
  const here = Math.max(0, Math.min(rows * columns - 1, at));
  return key === 'Enter'
    ? [Math.floor(here / columns), here % columns]
    : [here % rows, Math.floor(here / rows)];
}

/** The square is drawn once it has come into sight. */
export function focusWhenDrawn(within: HTMLElement | null, row: number, column: number, tries = 20) {
  const square = within?.querySelector<HTMLInputElement>(`input[data-row="${row}"][data-column="${column}"]`);
  if (square) {
    square.focus();
  } else if (tries > 0) {
    requestAnimationFrame(() => focusWhenDrawn(within, row, column, tries - 1));
  }
}
