import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Figure } from './figures';
import { done, fetchedAgain, onlyHere, opened, type PaperOfDevice, taken, unsent } from './paperOfDevice';

const figure = (at: number): Figure => ({
  at,
  kind: 'digit',
  block: 'sum',
  line: 'answer',
  place: at % 4,
  anchor: 'middle',
  text: String(at % 10),
  rubbed: false,
});

/** A server that takes what follows on what it has, knows what it has already, and refuses the rest with what stands there. */
class Server {
  figures: Figure[] = [];

  take(from: number, more: Figure[]): { count: number } | { current: Figure[] } {
    const known = Math.min(this.figures.length - from, more.length);
    const same =
      JSON.stringify(this.figures.slice(from, from + known)) === JSON.stringify(more.slice(0, known));
    if (from > this.figures.length || !same) {
      return { current: [...this.figures] };
    }
    this.figures = [...this.figures, ...more.slice(known)];
    return { count: this.figures.length };
  }
}

/** Sends once, as a window does; the answer may be lost on the way back, or the request on the way there. */
function sendOnce(paper: PaperOfDevice, server: Server, lost: 'no' | 'there' | 'back'): PaperOfDevice {
  if (lost === 'there' || unsent(paper).length === 0) {
    return paper;
  }
  const answer = server.take(paper.sent, unsent(paper));
  if (lost === 'back') {
    return paper;
  }
  return 'count' in answer ? taken(paper, answer.count) : opened(paper, answer.current);
}

const step = fc.oneof(
  fc.constant('write' as const),
  fc.constant('send' as const),
  fc.constant('lost there' as const),
  fc.constant('lost back' as const),
  fc.constant('reload' as const),
  fc.constant('fetched again' as const),
  fc.constant('fetched before' as const),
  fc.constant('another device' as const),
);

describe('a paper as a device has it', () => {
  it('keeps every figure exactly once and in order, whatever is lost, reloaded or written elsewhere', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const server = new Server();
        const written: number[] = [];
        let at = 0;
        let paper = opened(undefined, []);
        let old: Figure[] = [];
        for (const each of steps) {
          at++;
          switch (each) {
            case 'write':
              paper = done(paper, [figure(at)]);
              written.push(at);
              break;
            case 'send':
              paper = sendOnce(paper, server, 'no');
              break;
            case 'lost there':
              paper = sendOnce(paper, server, 'there');
              break;
            case 'lost back':
              paper = sendOnce(paper, server, 'back');
              break;
            case 'reload':
              // What this device kept is all that it knows after it.
              paper = opened(JSON.parse(JSON.stringify(paper)) as PaperOfDevice, [...server.figures]);
              break;
            case 'fetched again':
              paper = fetchedAgain(paper, [...server.figures]);
              old = [...server.figures];
              break;
            case 'fetched before':
              paper = fetchedAgain(paper, old);
              break;
            case 'another device':
              server.figures = [...server.figures, figure(1000 + at)];
              break;
          }
          expect(unsent(paper).length).toBe(paper.figures.length - paper.sent);
        }
        for (let tries = 0; tries < 3; tries++) {
          paper = sendOnce(paper, server, 'no');
        }
        const there = server.figures.map((each) => each.at);
        expect(new Set(there).size).toBe(there.length);
        expect(there.filter((each) => each < 1000)).toEqual(written);
        expect(unsent(paper)).toEqual([]);
        expect(opened(paper, [...server.figures]).figures.map((each) => each.at)).toEqual(there);
      }),
      { numRuns: 500 },
    );
  });

  it('takes what is there twice for two', () => {
    const same = figure(7);
    expect(onlyHere([same], [same, same])).toEqual([same]);
    expect(onlyHere([], [same])).toEqual([same]);
  });
});
