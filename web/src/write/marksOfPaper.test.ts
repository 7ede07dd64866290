import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { standing, type Figure } from './figures';
import { printed } from './marksOfPaper';

const square = (line: string, place: number) =>
  ({
    block: 'sum',
    line,
    place,
    row: 3,
    column: -place,
    toColumn: -place,
    full: true,
    number: false,
    name: '',
  }) as const;
const mark = (kind: 'point' | 'rule', step: number) =>
  ({
    kind,
    step,
    block: 'sum',
    line: 'answer',
    place: 0,
    row: 3,
    column: 0,
    text: '.',
    role: 'written',
  }) as const;
/** Of a sum with decimals whose point a careful hand writes last. */
const paper = {
  marks: [mark('rule', 1), mark('point', 5)],
  squares: [square('carry', 0), square('answer', -1), square('answer', 0)],
  courses: [{ step: 1, squares: [1, 2] }],
} as unknown as Schemas['PaperView'];

const kinds = (...lines: string[]) =>
  printed(
    paper,
    standing(
      lines.map((line, at): Figure => ({
        at,
        kind: 'digit',
        block: 'sum',
        line,
        place: 0,
        anchor: 'middle',
        text: '7',
        rubbed: false,
      })),
    ),
  ).map(({ kind }) => kind);

describe('a point', () => {
  it('stands in its line with the first figure there, and not before', () => {
    expect(kinds()).toEqual(['rule']);
    expect(kinds('carry')).toEqual(['rule']);
    expect(kinds('answer')).toEqual(['rule', 'point']);
  });
});
