import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Entry } from './entry';

/** What all windows of a browser share, and how each hears of the others' changes. */
class Browser {
  private places = new Map<string, string>();
  readonly heard: ((event: { key: string }) => void)[] = [];

  storage(): Storage {
    const { places } = this;
    return {
      get length() {
        return places.size;
      },
      key: (index: number) => [...places.keys()][index] ?? null,
      getItem: (key: string) => places.get(key) ?? null,
      setItem: (key: string, text: string) => {
        places.set(key, text);
        this.heard.forEach((each) => each({ key }));
      },
      removeItem: (key: string) => {
        places.delete(key);
        this.heard.forEach((each) => each({ key }));
      },
      clear: () => places.clear(),
    };
  }
}

type Queue = typeof import('./queue');
const pile = 7;

/** A window with a queue of its own over what the browser shares. */
async function openWindow(browser: Browser, name: string): Promise<Queue> {
  vi.resetModules();
  vi.stubGlobal('localStorage', browser.storage());
  vi.stubGlobal('sessionStorage', { getItem: () => name, setItem: () => undefined });
  vi.stubGlobal('window', {
    addEventListener: (kind: string, heard: (event: { key: string }) => void) =>
      kind === 'storage' && browser.heard.push(heard),
    removeEventListener: () => undefined,
    setTimeout: (work: () => void) => setTimeout(work, 0),
    clearTimeout,
  });
  return import('./queue');
}

/** A server that does what comes under one key once, and takes it back by its key. */
class Server {
  readonly done: Entry[] = [];
  readonly back = new Set<string>();
  private readonly known = new Set<string>();
  faults: ('answer lost' | 'not reached')[] = [];

  send = (_pile: number, entry: Entry): Promise<void> => {
    const fault = this.faults.pop();
    if (fault !== 'not reached' && !this.known.has(entry.key)) {
      this.known.add(entry.key);
      if (entry.undoes) {
        this.back.add(entry.undoes);
      } else {
        this.done.push(entry);
      }
    }
    return fault ? Promise.reject(new Error(fault)) : Promise.resolve();
  };
}

const settled = async (queues: Queue[]) => {
  // What was taken back in one window while another was sending it is on its way though nothing waits.
  for (let quiet = 0, i = 0; quiet < 5 && i < 400; i++) {
    await new Promise((resolve) => setTimeout(resolve, 1));
    quiet = queues.some((each) => each.pile(pile).waiting.length > 0) ? 0 : quiet + 1;
  }
};

describe('what is typed into a pile', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('is there once and in order, whichever window typed it, whatever was lost', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ window: fc.nat(1), does: fc.constantFrom('type', 'type', 'type', 'undo') }), {
          maxLength: 14,
        }),
        fc.array(fc.constantFrom('answer lost' as const, 'not reached' as const), { maxLength: 4 }),
        async (steps, faults) => {
          const browser = new Browser();
          const server = new Server();
          server.faults = [...faults];
          const queues = [await openWindow(browser, 'one'), await openWindow(browser, 'two')];
          const ends = queues.map((each) =>
            each.startQueues(1, { send: server.send, emptied: () => undefined }),
          );
          const expected: string[] = [];
          const undone: string[] = [];
          for (const [index, { window, does }] of steps.entries()) {
            const queue = queues[window] as Queue;
            if (does === 'type') {
              const says = `${window} ${index}`;
              queue.add(pile, { pupil: 1, question: 1 + (index % 3), line: says, says });
              expected.push(says);
            } else {
              const back = queue.takeBack(pile);
              if (back) {
                undone.push(back.says);
              }
            }
            if (index % 3 === 0) {
              await Promise.resolve();
            }
          }
          await settled(queues);
          const there = server.done.filter((entry) => !server.back.has(entry.key)).map((entry) => entry.says);
          const wanted = expected.filter((says) => !undone.includes(says));
          expect(new Set(there).size).toBe(there.length);
          expect([...there].sort()).toEqual([...wanted].sort());
          for (const window of ['0', '1']) {
            const own = (all: string[]) => all.filter((says) => says.startsWith(window));
            expect(own(there)).toEqual(own(wanted));
          }
          ends.forEach((end) => end());
        },
      ),
      { numRuns: 60 },
    );
  });

  it('takes back once what two windows take back at the same instant', async () => {
    const browser = new Browser();
    const sent: Entry[] = [];
    // Both windows send what waits, and hear of it late: the second when the first has settled it already.
    const send = async (_pile: number, entry: Entry) => {
      sent.push(entry);
      if (sent.length > 50) {
        throw new Error('sent without end');
      }
      await new Promise((resolve) => setTimeout(resolve, 2));
    };
    const one = await openWindow(browser, 'one');
    const two = await openWindow(browser, 'two');
    const ends = [one, two].map((each) => each.startQueues(1, { send, emptied: () => undefined }));
    one.add(pile, { pupil: 1, question: 1, line: '1 7', says: '1 7' });
    await settled([one, two]);
    one.takeBack(pile);
    const again = two.startQueues(1, { send, emptied: () => undefined });
    await settled([one, two]);
    expect(new Set(sent.filter((entry) => entry.undoes).map((entry) => entry.key)).size).toBe(1);
    expect(sent.filter((entry) => entry.undoes).every((entry) => entry.undoes === sent[0]?.key)).toBe(true);
    [...ends, again].forEach((end) => end());
  });

  it('knows only the entries of its own window as what it has seen', async () => {
    const browser = new Browser();
    const server = new Server();
    const one = await openWindow(browser, 'one');
    const two = await openWindow(browser, 'two');
    const ends = [one, two].map((each) =>
      each.startQueues(1, { send: server.send, emptied: () => undefined }),
    );
    one.add(pile, { pupil: 1, question: 3, line: '3 7', says: '3 7' });
    await settled([one, two]);
    two.add(pile, { pupil: 1, question: 3, line: '3 6', says: '3 6' });
    one.add(pile, { pupil: 1, question: 3, line: '3 8', says: '3 8' });
    await settled([one, two]);
    const [first, second, third] = server.done;
    expect(second?.follows).toBeUndefined();
    expect(third?.follows).toBe(first?.key);
    ends.forEach((end) => end());
  });
});
