import { Box, Button } from '@mui/material';
import { notifyManager, type Query, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useSyncExternalStore } from 'react';
import { ink } from './theme';
import { Trouble } from './Trouble';

const tryAgainAfter = 5000;

/** What is on the screen from before, since asking for it again has failed. */
const isFromBefore = (query: Query) =>
  query.isActive() && query.state.status === 'error' && query.state.data !== undefined;

/** Tells, beside what is shown, that it is from before and why; asks again by itself and by a button. */
export function StillShown({ words }: { words?: (message: string) => string }) {
  const queries = useQueryClient();
  const cache = queries.getQueryCache();
  const message = useSyncExternalStore(
    useCallback((tell) => cache.subscribe(notifyManager.batchCalls(tell)), [cache]),
    () => cache.getAll().find(isFromBefore)?.state.error?.message,
  );
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
    <Box
      data-testid="from-before"
      sx={{
        position: 'fixed',
        bottom: 0,
        right: 0,
        zIndex: 5,
        maxWidth: '100%',
        p: '4px 14px 8px',
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'baseline',
        columnGap: 2,
        bgcolor: ink.page,
        borderTop: `1px solid ${ink.wrong}`,
        borderLeft: `1px solid ${ink.wrong}`,
      }}
    >
      <Trouble message={words ? words(message) : `${message} What you see is from before.`} />
      <Button size="small" onClick={() => void again()}>
        Ask again
      </Button>
    </Box>
  );
}
