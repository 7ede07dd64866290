import type { SheetMark } from './mark';

/** What stands on the paper, line by line from the top, for those who hear it; each mark says how it is heard. */
export function paperInWords(visible: SheetMark[]): string {
  const lines = new Map<number, SheetMark[]>();
  for (const mark of visible) {
    if (mark.heard ?? mark.text) {
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
