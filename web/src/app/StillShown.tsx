import { type Query, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { Trouble } from './Trouble';
import { useInCache } from './useInCache';

const tryAgainAfter = 5000;

/** What is on the screen from before, since asking for it again has failed. */
const isFromBefore = (query: Query) =>
  query.isActive() && query.state.status === 'error' && query.state.data !== undefined;

/** Tells, beside what is shown, that it is from before and why; asks again by itself and by a button. */
export function StillShown({ words }: { words?: (message: string) => string }) {
  const queries = useQueryClient();
  const message = useInCache((all) => all.find(isFromBefore)?.state.error?.message);
  const again = useCallback(
    () => queries.refetchQueries({ predicate: isFromBefore }, { cancelRefetch: false }),
    [queries],
  );
  useEffect(() => {
    if (message === undefined) {
      return;
    }
    const timer = setInterval(() => void again(), tryAgainAfter);
    return () => clearInterval(timer);
  }, [message, again]);
  return message === undefined ? null : (
    <div data-testid="from-before" className="from-before">
      <Trouble message={words ? words(message) : `${message} What you see is from before.`} />
      <button type="button" className="button" onClick={() => void again()}>
        Ask again
      </button>
    </div>
  );
}
