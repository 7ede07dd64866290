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

type Course = Schemas['CourseView'];

const isEmpty = (paper: Schemas['PaperView'], index: number, there: Map<string, Figure>) => {
  const square = paper.squares[index];
  return ![...there.values()].some(
    (figure) => figure.kind !== 'strike' && figure.anchor === 'middle' && square && inSquare(figure, square),
  );
};

const courseOf = (paper: Schemas['PaperView'], square: number) =>
  paper.courses.find((course) => course.squares.includes(square));

/** Where the pen is before anything is written. */
export const beginning = (paper: Schemas['PaperView']) => {
  const first = paper.courses[0];
  return first?.squares[first.start] ?? 0;
};

/** The square in which a figure goes after one was written: the next empty one of its line, or none at the line's end. */
export const alongTheLine = (paper: Schemas['PaperView'], from: number, there: Map<string, Figure>) => {
  const line = courseOf(paper, from)?.squares ?? [];
  return line.slice(line.indexOf(from) + 1).find((square) => isEmpty(paper, square, there));
};

/** Where a hand goes on when a line is done: to the next line that is to be written. */
export function nextLine(paper: Schemas['PaperView'], from: number, there: Map<string, Figure>): number {
  const { courses } = paper;
  const now = courses.findIndex((course) => course.squares.includes(from));
  const course = courses[now];
  const unwritten = (each: Course) => each.squares.every((square) => isEmpty(paper, square, there));
  const home = courses.find((each) => each.home);
  if (course?.back && home) {
    const goOn = home.squares
      .slice(home.start, home.start + home.span)
      .find((square) => isEmpty(paper, square, there));
    if (goOn !== undefined) {
      return goOn;
    }
  }
  const others = course?.home ? courses.filter((each) => !each.home) : courses.slice(now + 1);
  const next =
    others.find((each) => unwritten(each) && !(course?.back && each.under)) ?? others.find(unwritten);
  return next ? start(paper, next, there) : from;
}

/** Where one begins a line: what is taken away stands under the first figure of what it is taken from. */
function start(paper: Schemas['PaperView'], course: Course, there: Map<string, Figure>): number {
  const first = course.squares[course.start] ?? 0;
  const its = paper.squares[first];
  if (!course.under || !its) {
    return first;
  }
  const above = paper.squares.filter(
    (square, index) =>
      square.block === its.block &&
      square.row < its.row &&
      (square.given !== undefined || (square.full && !isEmpty(paper, index, there))),
  );
  const nearest = Math.max(...above.map((square) => square.row));
  const column = Math.min(...above.filter((square) => square.row === nearest).map((square) => square.column));
  return course.squares.find((square) => paper.squares[square]?.column === column) ?? first;
}
