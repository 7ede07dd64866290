import type { Layout, SetContent } from './useSets';

const layout: Layout = {
  paper: 'a4',
  columns: 2,
  square: 7,
  setOut: true,
  carryBoxes: false,
  checkRow: false,
  nameLine: true,
  largePrint: false,
  sentences: false,
};

/** A set with nothing in it yet. */
export const emptySet = (): SetContent => ({
  title: 'New set',
  tag: '',
  operation: 'addition',
  seed: 1,
  questions: [],
  layout,
});
