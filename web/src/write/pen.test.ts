import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { standing, type Figure, type Square } from './figures';
import { goTo, penAfter, penAtStart, type PaperNow, type PenEvent, type PenState } from './pen';

const columns = 3;
const inLine = (line: string, row: number, more: Partial<Square>): Square[] =>
  Array.from({ length: columns }, (_, column) => ({
    block: 'difference',
    line,
    place: columns - 1 - column,
    row,
    column,
    toColumn: column,
    full: true,
    number: false,
    name: `${line} ${column}`,
    ...more,
  }));

/** A difference of three places: small figures over the minuend, both numbers printed, the answer to be written. */
const squares = [
  ...inLine('exchange', 0, { full: false, small: 'middle' }),
  ...inLine('minuend', 1, { full: false, given: '7' }),
  ...inLine('answer', 2, { smallAt: 0 }),
];
const answer = [6, 7, 8];
const paper: PaperNow['paper'] = {
  problem: '777 - 0',
  method: 'exchange',
  rows: 3,
  columns,
  marks: [],
  squares,
  courses: [
    {
      squares: [...answer].reverse(),
      start: 0,
      span: columns,
      under: false,
      home: false,
      back: false,
      step: 1,
    },
  ],
  joins: [],
};

type Writing = { figures: Figure[]; pen: PenState };
const begun = (figures: Figure[] = []): Writing => ({ figures, pen: penAtStart(paper) });

function act({ figures, pen }: Writing, event: PenEvent): Writing {
  const now = { paper, figures, there: standing(figures) };
  const { pen: after, written } = penAfter(now, pen, event, figures.length + 1);
  return { figures: [...figures, ...written], pen: after };
}

const seen = ({ figures }: Writing) =>
  [...standing(figures)].map(([part, { kind, text }]) => `${part} ${kind} ${text}`).sort();

const event = fc.oneof(
  fc.integer({ min: 0, max: 9 }).map((typed): PenEvent => ({ does: 'digit', typed: String(typed) })),
  fc
    .constantFrom('rub', 'strike', 'unclear', 'mirror', 'undo', 'redo', 'onwards', 'small')
    .map((does) => ({ does }) as PenEvent),
  fc
    .constantFrom('left', 'right', 'up', 'down')
    .map((direction) => ({ does: 'move', direction }) as PenEvent),
);
const events = fc.array(event, { maxLength: 60 });

describe('a pen', () => {
  it('takes back all that was done, and writes it again, whatever was done', () => {
    fc.assert(
      fc.property(events, events, (before, after) => {
        const there = before.reduce(act, begun()).figures.map((each) => ({ ...each, at: 0 }));
        const opened = begun(there);
        const done = after.reduce(act, opened);
        const deeds = done.pen.history?.done.length ?? 0;
        let back = done;
        for (let i = 0; i < deeds; i++) {
          back = act(back, { does: 'undo' });
        }
        expect(seen(back)).toEqual(seen(opened));
        let again = back;
        for (let i = 0; i < deeds; i++) {
          again = act(again, { does: 'redo' });
        }
        expect(seen(again)).toEqual(seen(done));
      }),
    );
  });

  it('stays on its paper, and changes only squares that take what it writes', () => {
    fc.assert(
      fc.property(events, (all) => {
        const { figures, pen } = all.reduce(act, begun());
        expect(squares[pen.at]).toBeDefined();
        for (const each of standing(figures).values()) {
          expect(each.line !== 'minuend' || each.kind === 'strike').toBe(true);
          expect(each.text?.length).toBeLessThanOrEqual(3);
        }
      }),
    );
  });

  it('says of a printed figure that it is struck, never that it cannot be read', () => {
    const printed = { ...begun(), pen: goTo(penAtStart(paper), 4) };
    const struck = act(printed, { does: 'strike' });
    expect(seen(act(struck, { does: 'unclear' }))).toEqual(seen(struck));
  });

  it('goes along its line and writes over nothing at the end of it', () => {
    const types = (from: Writing, typed: string) =>
      [...typed].reduce((now, each) => act(now, { does: 'digit', typed: each }), from);
    const written = types(begun(), '1234');
    expect(seen(written).map((each) => each.slice(-1))).toEqual(['1', '2', '3']);
    expect(written.pen.atEnd).toBe(true);
    const there = { ...written, pen: goTo(written.pen, 6) };
    expect(standing(types(there, '9').figures).size).toBe(3);
    expect(types(there, '9').figures.at(-1)).toMatchObject({ place: 2, text: '9' });
  });

  it('puts what replaces a struck figure into the square above it', () => {
    const struck = act({ ...begun(), pen: goTo(penAtStart(paper), 4) }, { does: 'strike' });
    const replaced = act(struck, { does: 'digit', typed: '6' });
    expect(replaced.figures.at(-1)).toMatchObject({ line: 'exchange', place: 1, text: '6' });
  });
});
