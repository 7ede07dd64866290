import { Box, Button } from '@mui/material';
import { type UseMutationResult } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { ink } from './ink';
import { momentInWords } from './timeInWords';
import { Trouble } from './Trouble';
import { useQuery } from './useQuery';

type Deleted = Schemas['DeletedLine'];

/** The lists, each known under a name that is asked anew with what it was deleted from. */
const lists = {
  sets: { known: ['sets', 'list', 'deleted'], fetch: () => api.GET('/api/deleted/sets') },
  classes: { known: ['classes', 'deleted'], fetch: () => api.GET('/api/deleted/classes') },
  piles: { known: ['markings', 'list', 'deleted'], fetch: () => api.GET('/api/deleted/piles') },
};

/** Deletes, and keeps which of a screen's things were deleted in this visit, the last behind. */
export function useDeleting(
  remove: UseMutationResult<unknown, Refused, number>,
  restore: UseMutationResult<unknown, Refused, number>,
) {
  const [deletedNow, setDeletedNow] = useState<number[]>([]);
  const onDelete = (id: number) => {
    restore.reset();
    remove.mutate(id, { onSuccess: () => setDeletedNow((before) => [...before, id]) });
  };
  return { deletedNow, onDelete };
}

/**
 * What was deleted: in this visit each with a word and the way back, before that in a list that is opened.
 *
 * @param deletedNow those deleted on this screen in this visit
 */
export function BringBack({
  what,
  deletedNow,
  restore,
}: {
  what: keyof typeof lists;
  deletedNow: number[];
  restore: UseMutationResult<unknown, Refused, number>;
}) {
  const [open, setOpen] = useState(false);
  const deleted = useQuery<Deleted[], Refused>({
    queryKey: lists[what].known,
    queryFn: () => ask(lists[what].fetch()),
    staleTime: 0,
  });
  const isOfNow = (each: Deleted) => deletedNow.includes(each.id);
  const now = deleted.data?.filter(isOfNow) ?? [];
  const before = deleted.data?.filter((each) => !isOfNow(each)) ?? [];
  const back = (each: Deleted) => (
    <Button
      disabled={restore.isPending}
      onClick={() => restore.mutate(each.id)}
      aria-label={`Bring back ${each.name}`}
      sx={{ p: '0 6px', ml: 1 }}
    >
      Bring back
    </Button>
  );
  return (
    <>
      <Box role="status" sx={{ my: now.length > 0 ? 1 : 0, overflowWrap: 'anywhere' }}>
        {now.map((each) => (
          <Box key={each.id}>
            “{each.name}” is deleted.{back(each)}
          </Box>
        ))}
        {restore.isSuccess && now.length === 0 && 'It is back.'}
      </Box>
      <Trouble message={deleted.error?.message} />
      {before.length > 0 && (
        <Button
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          sx={{ p: '0 6px', ml: '-6px', fontWeight: 400, color: ink.faint }}
        >
          <Box component="span" aria-hidden sx={{ mr: 0.5 }}>
            {open ? '▾' : '▸'}
          </Box>
          Deleted in the last month ({before.length})
        </Button>
      )}
      {open &&
        before.map((each) => (
          <Box key={each.id} sx={{ overflowWrap: 'anywhere' }}>
            {each.name}{' '}
            <Box component="span" sx={{ color: ink.faint, fontSize: 14 }}>
              {momentInWords(each.deletedAt)}
            </Box>
            {back(each)}
          </Box>
        ))}
    </>
  );
}
