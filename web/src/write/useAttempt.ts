import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import type { Schemas } from '../api/client';
import type { Figure } from './figures';
import { kept } from './keeping';
import { opened } from './paperOfDevice';
import { add, open, type Owner, paperOf, send, subscribe } from './papers';

/** A paper's figures: what was done shows at once, is kept on this device, and goes to the server as soon as it can. */
export function useAttempt(attempt: Schemas['AttemptView'], owner: Owner = 'attempts') {
  const { id, figures } = attempt;
  useEffect(() => {
    open(id, owner, figures);
    void send(id);
  }, [id, owner, figures]);
  const first = useMemo(
    () => ({ ...opened(kept(id), figures), saving: 'saved' as const, refused: undefined }),
    [id, figures],
  );
  const paper = useSyncExternalStore(subscribe, () => paperOf(id)) ?? first;
  return {
    figures: paper.figures,
    saving: paper.saving,
    refused: paper.refused,
    add: useCallback((more: Figure[]) => add(id, more), [id]),
    flush: useCallback(() => send(id), [id]),
  };
}
