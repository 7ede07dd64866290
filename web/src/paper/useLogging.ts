import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../api/client';
import { useEntry, useRecord, type Entry } from '../log/useLog';

type Work = Schemas['WorkRequest'];

/**
 * Puts a problem into the log when it has been worked to its end, once for each way it was worked;
 * another way of working the same problem replaces the entry's working.
 */
export function useLogging(work: Work | undefined, finished: boolean, opened: Entry | undefined) {
  const [id, setId] = useState<number>();
  const { mutate, error, isPending } = useRecord();
  const sent = useRef<Work>(undefined);
  const present = useEntry(id ?? opened?.id).data;

  const save = () => {
    if (work && sent.current !== work) {
      sent.current = work;
      mutate(
        { work, replaces: id ?? opened?.id },
        { onSuccess: (entry) => setId(entry.id), onError: () => (sent.current = undefined) },
      );
    }
  };

  const unchanged = opened !== undefined && opened.work === work;
  useEffect(() => {
    if (finished && !unchanged) {
      save();
    }
  });

  return { entry: present, save, error, isPending };
}
