import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Picture = Schemas['PictureView'];

/** The pictures that go with a working. */
export function usePictures(work: Schemas['WorkRequest'] | undefined, wanted: boolean) {
  return useQuery<Picture[], Refused>({
    queryKey: keys.work.pictures(work),
    queryFn: () => ask(api.POST('/api/pictures', { body: work ?? {} })),
    enabled: wanted && work !== undefined,
    staleTime: Infinity,
  });
}
