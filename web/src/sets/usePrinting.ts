import { keepPreviousData, useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { untilDone, type UnderWay } from '../app/underWay';
import { useQuery } from '../app/useQuery';
import { sendToPrinter } from '../print/sendToPrinter';

/** How a set is printed in one of its states; a state has pages of its own, so that none are mistaken for newer ones. */
export function usePages(
  id: number,
  kind: string,
  version: string,
  saved: number | undefined,
  wanted: boolean,
) {
  return useQuery<Schemas['Preview'], Refused>({
    queryKey: keys.sets.pages(id, kind, version, saved),
    queryFn: () =>
      ask(api.GET('/api/sets/{id}/pages', { params: { path: { id }, query: { kind, version } } })),
    placeholderData: keepPreviousData,
    enabled: wanted,
    // The house style may have been changed since.
    staleTime: 0,
  });
}

/** What has been printed of a set. */
export function usePrints(id: number) {
  return useQuery<Schemas['PrintView'][], Refused>({
    queryKey: keys.sets.prints(id),
    queryFn: () => ask(api.GET('/api/sets/{id}/prints', { params: { path: { id } } })),
  });
}

type Wish = { versions: string[]; print?: string };

/** Prints versions of a set: it is frozen, its files are written, and that can be watched and stopped. */
export function usePrinting(id: number) {
  const queries = useQueryClient();
  const [job, setJob] = useState<UnderWay>();
  const printing = useMutation<Schemas['PrintView'][], Refused, Wish>({
    mutationFn: async ({ versions }) => {
      const begun = await ask(
        api.POST('/api/sets/{id}/prints', { params: { path: { id } }, body: { versions } }),
      );
      await queries.invalidateQueries({ queryKey: keys.sets.prints(id) });
      await untilDone<object>(begun.job, setJob);
      return begun.prints;
    },
  });
  return {
    makeFiles: (versions: string[]) => printing.mutate({ versions }),
    // Who has gone to another screen meanwhile is not shown a print dialog there.
    print: (version: string, kind: string) =>
      printing.mutate(
        { versions: [version], print: kind },
        {
          onSuccess: ([print]) => print && sendToPrinter(`/api/prints/${print.code}/${kind}.pdf?inline=true`),
        },
      ),
    isToPrinter: printing.variables?.print !== undefined,
    isPrinting: printing.isPending,
    isDone: printing.isSuccess,
    job,
    fault: printing.error?.message,
  };
}
