import { keepPreviousData, useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';
import { sendToPrinter } from '../print/sendToPrinter';

const soon = 300;

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

/** Prints versions of a set: it is frozen, its files are written, and that can be watched and stopped. */
export function usePrinting(id: number) {
  const queries = useQueryClient();
  // Which file goes to the printer once it is there; none where files are made to be kept.
  const toPrinter = useRef<string>(undefined);
  const begin = useMutation<Schemas['BegunView'], Refused, { versions: string[]; print?: string }>({
    mutationFn: ({ versions, print }) => {
      toPrinter.current = print;
      return ask(api.POST('/api/sets/{id}/prints', { params: { path: { id } }, body: { versions } }));
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.sets.prints(id) }),
  });
  const jobId = begin.data?.job.id;
  const job = useQuery<Schemas['JobView'], Refused>({
    queryKey: keys.sets.printJob(jobId),
    queryFn: () => ask(api.GET('/api/prints/jobs/{id}', { params: { path: { id: jobId ?? '' } } })),
    enabled: jobId !== undefined,
    refetchInterval: ({ state }) => (state.data && state.data.state !== 'printing' ? false : soon),
    staleTime: 0,
  });
  const state = job.data?.state ?? begin.data?.job.state;
  const code = begin.data?.prints[0]?.code;
  useEffect(() => {
    if (state === 'done' && code !== undefined && toPrinter.current) {
      sendToPrinter(`/api/prints/${code}/${toPrinter.current}.pdf?inline=true`);
      toPrinter.current = undefined;
    }
  }, [state, code]);
  const stop = useMutation<Schemas['JobView'], Refused>({
    mutationFn: () => ask(api.DELETE('/api/prints/jobs/{id}', { params: { path: { id: jobId ?? '' } } })),
    onSuccess: () => job.refetch(),
  });
  return {
    makeFiles: (versions: string[]) => begin.mutate({ versions }),
    print: (version: string, kind: string) => begin.mutate({ versions: [version], print: kind }),
    isToPrinter: begin.variables?.print !== undefined,
    stop: () => stop.mutate(),
    isPrinting:
      begin.isPending || (begin.isSuccess && !job.isError && (job.data?.state ?? 'printing') === 'printing'),
    job: jobId ? (job.data ?? begin.data?.job) : undefined,
    fault: (begin.error ?? job.error ?? stop.error)?.message,
  };
}
