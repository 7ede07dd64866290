import type { SheetMark } from './mark';

/** What stands on the paper, line by line from the top, for those who hear it; each mark says how it is heard. */
export function paperInWords(visible: SheetMark[]): string {
  const lines = new Map<number, SheetMark[]>();
  for (const mark of visible) {
    if ((mark.heard ?? mark.text) && !isStruck(mark, visible)) {
      lines.set(mark.row, [...(lines.get(mark.row) ?? []), mark]);
    }
  }
  return [...lines.entries()]
    .sort(([a], [b]) => a - b)
    .map(([, marks]) =>
      marks
        .sort((a, b) => a.column - b.column || inFront(b) - inFront(a))
        .map((mark) => mark.heard ?? mark.text)
        .join(' '),
    )
    .join('; ');
}

/** A small figure before a digit is heard before it. */
const inFront = (mark: SheetMark) => (mark.anchor.startsWith('before') ? 1 : 0);

/** A struck figure is heard with its strike, not once more alone. */
const isStruck = (mark: SheetMark, visible: SheetMark[]) =>
  mark.kind !== 'strike' &&
  visible.some(
    (other) =>
      other.kind === 'strike' &&
      other.row === mark.row &&
      other.column === mark.column &&
      other.text === mark.text,
  );
