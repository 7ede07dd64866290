import type { Anchor, Figure, Kind, Part, Square } from './figures';

export const partIn = (square: Square, anchor: Anchor, stroke = false): Part => ({
  block: square.block,
  line: square.line,
  place: square.place,
  anchor,
  stroke,
});

/** Where a figure is struck the new one goes into the square above it, where that takes small figures, as in an exchange. */
export function aboveWhatIsStruck(
  squares: Square[],
  from: Square,
  small: boolean,
  here: (on: Square, anchor: Anchor, stroke?: boolean) => Figure | undefined,
): Square {
  const anchor = from.given && !small ? 'middle' : anchorFor(from, small);
  const isStruck = anchor !== undefined && here(from, anchor, true) !== undefined;
  const above = squares
    .filter((each) => each.block === from.block && each.place === from.place && each.row === from.row - 1)
    .find((each) => !each.full && each.small === 'middle');
  return isStruck && above ? aboveWhatIsStruck(squares, above, small, here) : from;
}

/** The part of a square that a digit goes to; none where a printed figure leaves no room for it. */
export function anchorFor(square: Square, small: boolean): Anchor | undefined {
  if (small || square.given) {
    return square.small;
  }
  return square.full ? 'middle' : (square.small ?? 'middle');
}

export const figure = (part: Part, kind: Kind, text: string, rubbed: boolean, at: number): Figure => ({
  at,
  kind,
  block: part.block,
  line: part.line,
  place: part.place,
  anchor: part.anchor,
  text,
  rubbed,
});
