import { api, ask, Refused, type Schemas } from '../api/client';

/** Something long that the server works at, or has done. */
export type UnderWay = Schemas['UnderWay'];

const askAgainAfter = 300;

const isUnderWay = (begun: object): begun is UnderWay => 'state' in begun && 'of' in begun;

/** What comes of something that may take long; it is told how far that is. */
export async function untilDone<T extends object>(
  begun: T | UnderWay,
  onProgress: (now: UnderWay | undefined) => void,
): Promise<T> {
  let now = begun;
  try {
    while (isUnderWay(now)) {
      if (now.state === 'DONE') {
        return now.result as T;
      }
      if (now.state === 'STOPPED') {
        throw new Refused(0, [{ field: '', message: 'It was stopped, and nothing of it was kept.' }]);
      }
      if (now.state === 'REFUSED') {
        throw new Refused(
          422,
          (now.errors ?? []).map(({ field, message }) => ({ field: field ?? '', message: message ?? '' })),
        );
      }
      onProgress(now);
      await new Promise((resolve) => setTimeout(resolve, askAgainAfter));
      now = await ask<UnderWay>(api.GET('/api/jobs/{id}', { params: { path: { id: now.id } } }));
    }
    return now as T;
  } finally {
    onProgress(undefined);
  }
}

export const stop = (job: UnderWay) =>
  ask(api.DELETE('/api/jobs/{id}', { params: { path: { id: job.id } } }));
