import { api, ask, Refused } from '../api/client';
import type { Figure } from './figures';
import { keep, kept, onKept } from './keeping';
import { done, fetchedAgain, opened, type PaperOfDevice, taken, unsent } from './paperOfDevice';

/** Whose paper it is: the teacher's own in the log, or that of a pupil who has come in. */
export type Owner = 'attempts' | 'in';
export type Saving = 'saved' | 'saving' | 'waiting';

/** @param refused why the server does not take what is written; asking again would change nothing */
type Held = PaperOfDevice & { saving: Saving; refused?: string };

const tryAgainAfter = 1500;
const mostAtOnce = 1000;

/** All papers that this window has to do with: one is written on, others may be on their way still. */
const papers = new Map<number, Held>();
const owners = new Map<number, Owner>();
const sending = new Map<number, Promise<void>>();
const listeners = new Set<() => void>();

function become(id: number, paper: PaperOfDevice, change: Partial<Held> = {}) {
  const before = papers.get(id);
  papers.set(id, { saving: before?.saving ?? 'saved', refused: before?.refused, ...paper, ...change });
  keep(id, { figures: paper.figures, sent: paper.sent });
  listeners.forEach((listener) => listener());
}

export function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const paperOf = (id: number) => papers.get(id);

/** How many figures of these papers the server has not got. */
export const onTheWay = (ids: number[]) =>
  ids.reduce((sum, id) => sum + unsent(papers.get(id) ?? kept(id)).length, 0);

/** What was done on these papers, as far as this device knows; what the server does not take is not counted. */
export const doneOn = (ids: number[]) =>
  ids.flatMap((id) => {
    const paper = papers.get(id);
    return paper ? [{ paper: id, done: paper.refused ? paper.sent : paper.figures.length }] : [];
  });

/** Opens a paper as the server gave it; what this device has beside goes on to it. */
export function open(id: number, owner: Owner, theirs: Figure[]) {
  const here = papers.get(id);
  owners.set(id, owner);
  become(id, here ? fetchedAgain(here, theirs) : opened(kept(id), theirs), { refused: undefined });
}

/** Goes on with what this device kept of papers that are not open, such as those of a pupil who comes back. */
export function goOnWith(ids: number[], owner: Owner) {
  ids.forEach((id) => {
    const here = papers.get(id) ?? kept(id);
    owners.set(id, owner);
    if (here && unsent(here).length > 0) {
      become(id, here, { saving: 'waiting', refused: undefined });
    }
  });
  return () => ids.forEach((id) => owners.delete(id));
}

/** Something was done on a paper. */
export function add(id: number, more: Figure[]) {
  const paper = papers.get(id);
  if (paper) {
    become(id, done(paper, more), { saving: 'saving' });
    void send(id);
  }
}

/** Sends what the server does not have yet; ends when it has all, or does not answer. */
export function send(id: number): Promise<void> {
  const owner = owners.get(id);
  if (!owner || unsent(papers.get(id)).length === 0) {
    return Promise.resolve();
  }
  const way = sending.get(id) ?? sendAll(id, owner).finally(() => sending.delete(id));
  sending.set(id, way);
  return way;
}

async function sendAll(id: number, owner: Owner) {
  for (let paper = papers.get(id); paper && unsent(paper).length > 0; paper = papers.get(id)) {
    const body = { from: paper.sent, figures: unsent(paper).slice(0, mostAtOnce) };
    try {
      const answer = await ask(
        owner === 'in'
          ? api.POST('/api/in/papers/{id}/figures', { params: { path: { id } }, body })
          : api.POST('/api/attempts/{id}/figures', { params: { path: { id } }, body }),
      );
      become(id, taken(papers.get(id) ?? paper, answer.count));
    } catch (refusal) {
      const now = papers.get(id) ?? paper;
      if (refusal instanceof Refused && refusal.status === 409 && Array.isArray(refusal.current)) {
        // Another window has gone on with this paper: what is new here comes after that.
        become(id, opened(now, refusal.current as Figure[]));
      } else {
        const final = refusal instanceof Refused && isFinal(refusal.status);
        become(id, now, { saving: 'waiting', refused: final ? refusal.message : undefined });
        return;
      }
    }
  }
  const paper = papers.get(id);
  if (paper) {
    become(id, paper, { saving: 'saved', refused: undefined });
  }
}

/** Whether a refusal will not change by itself: neither no answer, nor signed out, nor too busy, nor a fault or a full disk. */
const isFinal = (status: number) => status >= 400 && status < 500 && ![401, 403, 408, 429].includes(status);

/** Keeps sending what waits, whichever page is open, until it is told to end. */
export function keepSending() {
  const again = () =>
    owners.forEach((_, id) => {
      if (papers.get(id)?.refused === undefined) {
        void send(id);
      }
    });
  again();
  const timer = setInterval(again, tryAgainAfter);
  window.addEventListener('online', again);
  const endHearing = onKept((id) => {
    const here = papers.get(id);
    const other = kept(id);
    if (here && other && other.figures.length > here.figures.length) {
      papers.set(id, { ...here, ...other });
      listeners.forEach((listener) => listener());
    }
  });
  return () => {
    clearInterval(timer);
    window.removeEventListener('online', again);
    endHearing();
  };
}
