import type { Schemas } from '../api/client';

/** One thing done on a paper. */
export type Figure = Schemas['AttemptFigure'];
export type Square = Schemas['SquareView'];
export type Anchor = Schemas['Anchor'];
export type Kind = Figure['kind'];

/** What a figure is once it stands there: in mirror image it is a digit as another. */
export const standsAs = (kind: Kind): NonNullable<Schemas['FigureRequest']['kind']> =>
  kind === 'number' || kind === 'strike' ? kind : 'digit';

/** A part of a square, which takes one figure or one stroke. */
export type Part = { block: string; line: string; place: number; anchor: Anchor; stroke: boolean };

export const keyOf = (part: Part) =>
  [part.block, part.line, part.place, part.anchor, part.stroke ? 'stroke' : ''].join('|');

export const partOf = (figure: Figure): Part | undefined =>
  figure.block !== undefined &&
  figure.line !== undefined &&
  figure.place !== undefined &&
  figure.anchor !== undefined &&
  figure.kind !== 'nudge' &&
  figure.kind !== 'mark'
    ? {
        block: figure.block,
        line: figure.line,
        place: figure.place,
        anchor: figure.anchor,
        stroke: figure.kind === 'strike',
      }
    : undefined;

/** What stands on the paper after all that was done, in the order of writing. */
export function standing(figures: Figure[]): Map<string, Figure> {
  const there = new Map<string, Figure>();
  for (const figure of figures) {
    const part = partOf(figure);
    if (part) {
      there.delete(keyOf(part));
      if (!figure.rubbed) {
        there.set(keyOf(part), figure);
      }
    }
  }
  return there;
}

export const inSquare = (figure: { block?: string; line?: string; place?: number }, square: Square) =>
  figure.block === square.block && figure.line === square.line && figure.place === square.place;

/** What the server is told of a paper: what stands there, in the order of writing. */
export const written = (there: Map<string, Figure>): Schemas['FigureRequest'][] =>
  [...there.values()].map((figure) => ({
    block: figure.block ?? '',
    line: figure.line ?? '',
    place: figure.place ?? 0,
    anchor: figure.anchor,
    kind: standsAs(figure.kind),
    text: figure.text,
  }));
