import { keyOf, partOf, type Figure } from './figures';

/** What was done and can be undone: what stood there before, and what after. */
type Done = { before?: Figure; after: Figure };
export type History = { done: Done[]; undone: Done[] };

/** What can be undone of a paper that is opened again; what stood there from the beginning stays. */
export function historyOf(figures: Figure[]): History {
  const done: Done[] = [];
  const there = new Map<string, Figure>();
  for (const after of figures) {
    const part = partOf(after);
    if (part) {
      if (after.at > 0) {
        done.push({ before: there.get(keyOf(part)), after });
      }
      there.set(keyOf(part), after);
      if (after.rubbed) {
        there.delete(keyOf(part));
      }
    }
  }
  return { done, undone: [] };
}
