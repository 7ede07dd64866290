import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import type { Schemas } from '../api/client';
import type { SheetMark } from './mark';

type Heard = Schemas['HeardBlock'];
type Props = { visible: SheetMark[]; heard: Heard[] };

/** What stands on the paper for those who hear it: columns as a table with the names of places and lines, all else line by line. */
export function PaperInWords({ visible, heard }: Props) {
  const struck = new Set(visible.filter((mark) => mark.kind === 'strike').map(inItsSquare));
  // A struck figure is heard with its strike, not once more alone.
  const said = visible.filter(
    (mark) => words(mark) && (mark.kind === 'strike' || !struck.has(inItsSquare(mark))),
  );
  const blocks = [...new Set(inRows(said).map((mark) => mark.block))];
  return (
    <Box sx={{ ...visuallyHidden, top: 0 }} data-testid="paper-in-words">
      {blocks.map((block) => {
        const marks = said.filter((mark) => mark.block === block);
        const columns = heard.find((each) => each.block === block);
        return columns ? (
          <Columns key={block} marks={marks} heard={columns} />
        ) : (
          <p key={block}>{lineByLine(marks)}</p>
        );
      })}
    </Box>
  );
}

function Columns({ marks, heard }: { marks: SheetMark[]; heard: Heard }) {
  // What a figure of the minuend has become is heard with it.
  const rows = [...new Set(inRows(marks).map(lineOf))];
  const places = heard.places.filter(({ place }) =>
    marks.some((mark) => isFigure(mark) && mark.place === place),
  );
  return (
    <table>
      <thead>
        <tr>
          <td />
          {places.map(({ place, name }) => (
            <th key={place} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => {
          const here = marks.filter((mark) => lineOf(mark) === row);
          const signs = here.filter((mark) => !isFigure(mark)).map(words);
          const name = heard.lines.find(({ line }) => line === row)?.name ?? row;
          return (
            <tr key={row}>
              <th scope="row">{[...signs, name].join(' ')}</th>
              {places.map(({ place }) => (
                <td key={place}>{cell(here.filter((mark) => isFigure(mark) && mark.place === place))}</td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

const words = (mark: SheetMark) => mark.heard ?? mark.text;
const isFigure = (mark: SheetMark) => mark.kind === 'digit' || mark.kind === 'strike';
const lineOf = (mark: SheetMark) => (mark.line.startsWith('exchanged') ? 'minuend' : mark.line);
const inRows = (marks: SheetMark[]) => marks.toSorted((a, b) => a.row - b.row || a.column - b.column);

/** A square by what stands in it now, then by what it was: 9, was 10, was 0. */
function cell(marks: SheetMark[]) {
  const struck = marks.filter((mark) => mark.kind === 'strike');
  const standing = inRows(marks.filter((mark) => mark.kind !== 'strike'));
  const now = standing
    .toSorted((a, b) => inFront(b) - inFront(a))
    .map((mark) => (mark.role === 'exchange' ? mark.text : words(mark)))
    .join(standing.some((mark) => mark.role === 'exchange') ? '' : ' ');
  return [now, ...inRows(struck).map((mark) => `was ${mark.text}`)].filter(Boolean).join(', ');
}

function lineByLine(marks: SheetMark[]) {
  const rows = [...new Set(inRows(marks).map((mark) => mark.row))];
  return rows
    .map((row) =>
      inRows(marks.filter((mark) => mark.row === row))
        .toSorted((a, b) => a.column - b.column || inFront(b) - inFront(a))
        .map(words)
        .join(' '),
    )
    .join('; ');
}

/** A small figure before a digit is heard before it. */
const inFront = (mark: SheetMark) => (mark.anchor.startsWith('before') ? 1 : 0);

const inItsSquare = (mark: SheetMark) => `${mark.row} ${mark.column} ${mark.text}`;
