import type { Schemas } from '../api/client';
import type { SheetMark } from '../sheet/mark';
import { inSquare, standsAs, type Figure, type Square } from './figures';

type Paper = Schemas['PaperView'];

/** The figures that stand on a paper as marks to be drawn. */
export function marksOf(paper: Paper, there: Map<string, Figure>): SheetMark[] {
  const marks: SheetMark[] = [];
  for (const figure of there.values()) {
    const square = paper.squares.find((each) => inSquare(figure, each));
    if (square) {
      marks.push(markOf(figure, square));
    }
  }
  return marks;
}

function markOf(figure: Figure, square: Square): SheetMark {
  const onPrint = figure.kind === 'strike' && figure.anchor === 'middle' && square.given !== undefined;
  const full = figure.anchor === 'middle' && (square.full || onPrint);
  return {
    step: 1,
    kind: standsAs(figure.kind),
    block: square.block,
    line: square.line,
    place: square.place,
    row: square.row,
    column: square.column,
    toColumn: figure.kind === 'number' ? square.toColumn : undefined,
    text: figure.text ?? '',
    role: full ? 'written' : 'carry',
    size: full ? 'full' : 'small',
    anchor: figure.anchor ?? 'middle',
  };
}

/** How far the writing has come, as a step of the working: rules and signs of later steps are not there yet. */
function reached(paper: Paper, there: Map<string, Figure>): number {
  const figures = [...there.values()];
  return Math.max(
    1,
    ...paper.courses
      .filter((course) =>
        course.squares.some((index) => {
          const square = paper.squares[index];
          return square && figures.some((figure) => inSquare(figure, square));
        }),
      )
      .map((course) => course.step),
  );
}

/** Signs and rules that are there by now; a point with the first figure of its line, whoever begins there before. */
export function printed(paper: Paper, there: Map<string, Figure>) {
  const step = reached(paper, there);
  const isBegun = ({ block, line }: { block: string; line: string }) =>
    [...there.values()].some((figure) => figure.block === block && figure.line === line);
  return paper.marks.filter((mark) => mark.step <= step || (mark.kind === 'point' && isBegun(mark)));
}

/** What a screen reader says of a square. */
export function heard(
  square: Square,
  there: Map<string, Figure>,
  verdicts: Map<string, Schemas['MarkedView']>,
): string {
  const parts = [...there.values()]
    .filter((figure) => inSquare(figure, square))
    .map((figure) => {
      const text = figure.text === '?' ? 'unclear' : (figure.text ?? '');
      const kind =
        figure.kind === 'strike'
          ? `${text} struck`
          : figure.anchor === 'middle' && square.full
            ? text
            : `small ${text}`;
      return figure.kind === 'mirror' ? `${kind} in mirror image` : kind;
    });
  const said = [...verdicts.values()]
    .filter((each) => inSquare(each, square))
    .map((each) => verdictWords[each.verdict] ?? '');
  const all = [...(square.given ? [`${square.given} printed`] : []), ...parts];
  return [square.name, ...(all.length > 0 ? all : ['empty']), ...new Set(said.filter(Boolean))].join(', ');
}

export const verdictWords: Record<string, string> = {
  right: 'right',
  wrong: 'wrong',
  follows: 'right by what went before',
  missing: 'still to be written',
  unclear: 'unclear',
};
