import { expect, test } from 'vitest';
import type { Schemas } from '../api/client';
import { isBegunAgain, twice } from './begunAgain';
import type { Figure } from './figures';

const square = (place: number, row: number): Schemas['SquareView'] => ({
  block: 'sum',
  line: 'answer',
  place,
  row,
  column: 2 - place,
  toColumn: 2 - place,
  full: true,
  number: false,
  smallAt: place,
  name: `answer, ${place}`,
});

const paper: Schemas['PaperView'] = {
  problem: '48 + 27',
  method: 'column',
  rows: 4,
  columns: 3,
  marks: [
    {
      step: 1,
      kind: 'rule',
      block: 'sum',
      line: 'answer',
      place: 1,
      row: 3,
      column: 1,
      toRow: 3,
      text: '',
      role: 'frame',
      size: 'full',
      anchor: 'middle',
    },
  ],
  squares: [square(0, 3), square(1, 3)],
  courses: [{ squares: [0, 1], start: 0, span: 2, under: false, home: false, back: false, step: 2 }],
  joins: [],
};

const figure = (block: string, change: Partial<Figure> = {}): Figure => ({
  at: 1,
  kind: 'digit',
  block,
  line: 'answer',
  place: 0,
  anchor: 'middle',
  text: '5',
  rubbed: false,
  ...change,
});

test('below the first stands the same once more, and the pen knows its squares by the same numbers', () => {
  const { sheet, pen } = twice(paper);
  expect(pen.squares.map(({ block, row, place }) => [block, row, place])).toEqual([
    ['sum#2', 8, 0],
    ['sum#2', 8, 1],
  ]);
  expect(sheet.squares.slice(0, pen.squares.length)).toEqual(pen.squares);
  expect(sheet.squares.slice(pen.squares.length)).toEqual(paper.squares);
  expect(sheet.marks.map(({ block, row, toRow }) => [block, row, toRow])).toEqual([
    ['sum', 3, 3],
    ['sum#2', 8, 8],
  ]);
  expect(sheet.rows).toBeGreaterThan(8);
});

test('it is begun again while anything stands there, and no longer once that is rubbed out', () => {
  expect(isBegunAgain([figure('sum')])).toBe(false);
  expect(isBegunAgain([figure('sum'), figure('sum#2')])).toBe(true);
  expect(isBegunAgain([figure('sum#2'), figure('sum#2', { rubbed: true, text: '' })])).toBe(false);
});
