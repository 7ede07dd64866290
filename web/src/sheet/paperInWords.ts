import type { SheetMark } from './mark';

/** What stands on the paper, line by line from the top, for those who hear it. */
export function paperInWords(visible: SheetMark[]): string {
  const lines = new Map<number, SheetMark[]>();
  for (const mark of visible) {
    if (mark.text) {
      lines.set(mark.row, [...(lines.get(mark.row) ?? []), mark]);
    }
  }
  return [...lines.entries()]
    .sort(([a], [b]) => a - b)
    .map(([, marks]) =>
      marks
        .sort((a, b) => a.column - b.column || inFront(b) - inFront(a))
        .map((mark) => (mark.role === 'carry' ? `carried ${mark.text}` : mark.text))
        .join(' '),
    )
    .join('; ');
}

/** A small figure before a digit is heard before it. */
const inFront = (mark: SheetMark) => (mark.anchor.startsWith('before') ? 1 : 0);
