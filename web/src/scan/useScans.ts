import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { followsFromMarks, keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Scan = Schemas['ScanView'];
export type ScannedPage = Schemas['ScannedPageView'];
export type Reading = Schemas['ReadingView'];
export type Confirmed = Schemas['ConfirmedReading'];

const soon = 700;

const lookAgainAfter = 5000;

/** The folder whose files are read by themselves, where there is one; what is left in it changes by itself too. */
export const useScanFolder = () =>
  useQuery<Schemas['ScanFolderView'], Refused>({
    queryKey: keys.scanFolder,
    queryFn: () => ask(api.GET('/api/scans/folder')),
    staleTime: 0,
    refetchInterval: ({ state }) => (state.data?.folder ? lookAgainAfter : false),
  });

/** What was brought in for a pile, newest first. */
export function useScans(id: number) {
  const watched = useScanFolder().data?.folder !== undefined;
  return useQuery<Schemas['ScanLine'][], Refused>({
    queryKey: keys.markings.scans(id),
    queryFn: () => ask(api.GET('/api/markings/{id}/scans', { params: { path: { id } } })),
    staleTime: 0,
    refetchInterval: watched ? lookAgainAfter : false,
  });
}

/** A scan with what was read; asked for again while it is being read. */
export const useScan = (id: number, scan: number | undefined) =>
  useQuery<Scan, Refused>({
    queryKey: keys.markings.scan(id, scan),
    queryFn: () =>
      ask(api.GET('/api/markings/{id}/scans/{scan}', { params: { path: { id, scan: scan ?? 0 } } })),
    enabled: scan !== undefined,
    refetchInterval: ({ state }) => (state.data?.state === 'reading' ? soon : false),
    staleTime: 0,
  });

/** Brings in a file, or has the practice scanner make one. */
export function useBringIn(id: number) {
  const queries = useQueryClient();
  return useMutation<Schemas['BegunScan'], Refused, File | 'practice'>({
    mutationFn: (file) => {
      if (file === 'practice') {
        return ask(api.POST('/api/markings/{id}/scans/practice', { params: { path: { id } } }));
      }
      const form = new FormData();
      form.append('file', file);
      return ask(
        api.POST('/api/markings/{id}/scans', {
          params: { path: { id } },
          body: { file: '' },
          bodySerializer: () => form,
        }),
      );
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.markings.scans(id) }),
  });
}

/** What is done to a scan; each answers with the scan as it is then, and the pile follows. */
function useChange<V>(id: number, scan: number, change: (values: V) => Promise<Scan>) {
  const queries = useQueryClient();
  return useMutation<Scan, Refused, V>({
    mutationFn: change,
    onSuccess: (changed) => {
      queries.setQueryData(keys.markings.scan(id, scan), changed);
      void queries.invalidateQueries({ predicate: ({ queryKey }) => followsFromMarks(queryKey) });
    },
  });
}

export const useConfirm = (id: number, scan: number) =>
  useChange<Confirmed>(id, scan, (body) =>
    ask(api.PUT('/api/markings/{id}/scans/{scan}/answers', { params: { path: { id, scan } }, body })),
  );

export const useStop = (id: number, scan: number) =>
  useChange<undefined>(id, scan, () =>
    ask(api.POST('/api/markings/{id}/scans/{scan}/stop', { params: { path: { id, scan } } })),
  );

export const useKeepPictures = (id: number, scan: number) =>
  useChange<number>(id, scan, (days) =>
    ask(
      api.PUT('/api/markings/{id}/scans/{scan}/pictures', {
        params: { path: { id, scan } },
        body: { days },
      }),
    ),
  );

export const useOwner = (id: number, scan: number) =>
  useChange<{ page: number; pupil: number }>(id, scan, ({ page, pupil }) =>
    ask(
      api.PUT('/api/markings/{id}/scans/{scan}/pages/{page}', {
        params: { path: { id, scan, page } },
        body: { pupil },
      }),
    ),
  );

/** Forgets how the hands of the class are read. */
export function useForgetHands(id: number) {
  const queries = useQueryClient();
  return useMutation<unknown, Refused, undefined>({
    mutationFn: () => ask(api.DELETE('/api/markings/{id}/scans/learnt', { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.markings.scans(id) }),
  });
}

export const picture = (id: number, scan: number, page: number, question: number) =>
  `/api/markings/${id}/scans/${scan}/pictures/${page}-${question}.jpg`;
