import type { Schemas } from '../api/client';
import { inSquare, type Figure, type Square } from './figures';

export type Direction = 'left' | 'right' | 'up' | 'down';

/** The square that an arrow leads to: the nearest that way, in the same row or column where there is one. */
export function toward(squares: Square[], from: number, direction: Direction): number {
  const now = squares[from];
  if (!now) {
    return from;
  }
  let best = from;
  let least = Infinity;
  squares.forEach((square, index) => {
    const across = gap(square.column, square.toColumn, now.column, now.toColumn);
    const down = square.row - now.row;
    const ahead = { left: -across, right: across, up: -down, down }[direction];
    const aside = direction === 'left' || direction === 'right' ? Math.abs(down) : Math.abs(across);
    // Left and right stay in their row; up and down may shift a little where nothing is straight ahead.
    if (ahead > 0 && (direction === 'up' || direction === 'down' || aside === 0)) {
      const far = ahead + aside * 3;
      if (far < least) {
        least = far;
        best = index;
      }
    }
  });
  return best;
}

/** How far one stretch of columns is from another, to the right where positive. */
const gap = (from: number, to: number, nowFrom: number, nowTo: number) =>
  from > nowTo ? from - nowTo : to < nowFrom ? to - nowFrom : 0;

/** Where a hand goes on after writing: to the next square on its way that is still empty. */
export function nextOnTheWay(paper: Schemas['PaperView'], from: number, there: Map<string, Figure>): number {
  const empty = (index: number) => {
    const square = paper.squares[index];
    return ![...there.values()].some(
      (figure) =>
        figure.kind !== 'strike' && figure.anchor === 'middle' && square && inSquare(figure, square),
    );
  };
  const on = paper.way.findIndex((each) => each.square === from);
  if (on < 0) {
    return toward(paper.squares, from, runsRight(paper, from) ? 'right' : 'left');
  }
  const next = paper.way.slice(on + 1).find((each) => each.square !== from && empty(each.square));
  return next?.square ?? from;
}

/** Whether the figures of a square's line are written from left to right, as given numbers and quotients are. */
function runsRight(paper: Schemas['PaperView'], from: number) {
  const line = paper.squares[from];
  const columns = paper.way
    .map((each) => paper.squares[each.square])
    .filter((square) => square?.block === line?.block && square?.line === line?.line)
    .map((square) => square?.column ?? 0);
  return columns.length > 1 && (columns[1] ?? 0) > (columns[0] ?? 0);
}
