import { useCallback, useEffect, useRef, useState } from 'react';
import { api, ask, Refused, type Schemas } from '../api/client';
import type { Figure } from './figures';
import { keep, kept, onKept } from './keeping';

const tryAgainAfter = 1500;

export type Saving = 'saved' | 'saving' | 'waiting';

/** Whose paper it is: the teacher's own in the log, or that of a pupil who has come in. */
type Owner = 'attempts' | 'in';

/** A paper's figures: what was done shows at once, is kept on this device, and goes to the server as soon as it can. */
export function useAttempt(attempt: Schemas['AttemptView'], owner: Owner = 'attempts') {
  const { id } = attempt;
  const [state, setState] = useState(() => merged(attempt.figures, id));
  const [saving, setSaving] = useState<Saving>('saved');
  /** Why the server does not take what is written; asking again would change nothing. */
  const [refused, setRefused] = useState<string>();
  const now = useRef(state);
  const sending = useRef<Promise<void>>(undefined);

  const become = useCallback(
    (figures: Figure[], sent: number) => {
      now.current = { figures, sent };
      setState(now.current);
      keep(id, figures, sent);
    },
    [id],
  );

  /** Sends what the server does not have yet; ends when it has all, or does not answer. */
  const flush = useCallback((): Promise<void> => {
    sending.current ??= send(id, owner, now, become, setSaving)
      .then(setRefused)
      .finally(() => (sending.current = undefined));
    return sending.current;
  }, [id, owner, become]);

  useEffect(() => {
    const again = () => {
      if (refused === undefined && now.current.sent < now.current.figures.length) {
        void flush();
      }
    };
    again();
    const timer = setInterval(again, tryAgainAfter);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [flush, refused]);

  useEffect(
    () =>
      onKept(id, () => {
        const other = kept(id);
        if (other && other.figures.length > now.current.figures.length) {
          now.current = other;
          setState(other);
        }
      }),
    [id],
  );

  const add = useCallback(
    (more: Figure[]) => {
      become([...now.current.figures, ...more], now.current.sent);
      setSaving('saving');
      void flush();
    },
    [become, flush],
  );

  return { figures: state.figures, add, flush, saving, refused };
}

/** What the server has, and after it what only this device has. */
function merged(figures: Figure[], id: number) {
  const here = kept(id);
  const unsent = here ? here.figures.slice(here.sent) : [];
  return { figures: [...figures, ...unsent], sent: figures.length };
}

async function send(
  id: number,
  owner: Owner,
  now: React.RefObject<{ figures: Figure[]; sent: number }>,
  become: (figures: Figure[], sent: number) => void,
  setSaving: (saving: Saving) => void,
): Promise<string | undefined> {
  while (now.current.sent < now.current.figures.length) {
    const { figures, sent } = now.current;
    try {
      const body = { from: sent, figures: figures.slice(sent, sent + 1000) };
      const answer = await ask(
        owner === 'in'
          ? api.POST('/api/in/papers/{id}/figures', { params: { path: { id } }, body })
          : api.POST('/api/attempts/{id}/figures', { params: { path: { id } }, body }),
      );
      become(now.current.figures, answer.count);
    } catch (refusal) {
      if (refusal instanceof Refused && refusal.status === 409 && Array.isArray(refusal.current)) {
        // Another window has gone on with this paper: what is new here comes after that.
        const theirs = refusal.current as Figure[];
        become([...theirs, ...now.current.figures.slice(sent)], theirs.length);
      } else {
        setSaving('waiting');
        return refusal instanceof Refused && isFinal(refusal.status) ? refusal.message : undefined;
      }
    }
  }
  setSaving('saved');
  return undefined;
}

/** Whether a refusal will not change by itself: neither no answer, nor signed out, nor too busy, nor a fault or a full disk. */
const isFinal = (status: number) => status >= 400 && status < 500 && ![401, 403, 408, 429].includes(status);
