import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Fault = { field: string; message: string };

/** What the server refused, in a teacher's words. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly faults: Fault[],
    readonly offer?: string,
    /** What stands there now, where another window changed it. */
    readonly current?: unknown,
    /** What has to be said before it can be done. */
    readonly questions?: unknown,
  ) {
    super(faults[0]?.message ?? 'This did not work. Try again.');
  }

  /** The message for a field, if it has one. */
  about(field: string): string | undefined {
    return this.faults.find((fault) => fault.field === field)?.message;
  }
}

const echoToken: Middleware = {
  onRequest({ request }) {
    const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
    if (token && request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
    }
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '/' });
api.use(echoToken);

type Problem = { errors?: Fault[]; offer?: string; current?: unknown; questions?: unknown };

/** The data of an answer, or {@link Refused}. */
export async function ask<T>(answer: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result;
  try {
    result = await answer;
  } catch {
    throw new Refused(0, [
      { field: '', message: 'Bemble does not answer. See that it is running, then try again.' },
    ]);
  }
  if (result.response.ok) {
    return result.data as T;
  }
  const problem = (result.error ?? {}) as Problem;
  throw new Refused(
    result.response.status,
    problem.errors ?? [],
    problem.offer,
    problem.current,
    problem.questions,
  );
}
