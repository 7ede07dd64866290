import createClient, { type Middleware } from 'openapi-fetch';
import { newKey } from './newKey';
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
    super(faults[0]?.message ?? 'This did not work. Try it once more.');
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

/** Commands that make something; the same asked for again within a moment is a second press. */
const makes =
  /\/api\/(sets|classes|markings|screens|attempts|attempts\/run|log|classes\/file|sets\/\d+\/(copy|prints)|markings\/\d+\/(set|scans\/practice)|classes\/\d+\/plan\/groups\/[^/]+\/set)$/;
const momentOfTwoPresses = 1000;
const commands = new Map<string, { key: string; pending: number; doneAt: number }>();

/** Gives each command a key, by which the server makes once what two presses ask for. */
const once: Middleware = {
  async onRequest({ request }) {
    if (request.method !== 'POST' || !makes.test(new URL(request.url).pathname)) {
      return request;
    }
    const asked = `${request.url} ${await request.clone().text()}`;
    const before = commands.get(asked);
    const again = before && (before.pending > 0 || Date.now() - before.doneAt < momentOfTwoPresses);
    const command = again ? before : { key: newKey(), pending: 0, doneAt: 0 };
    command.pending++;
    commands.set(asked, command);
    request.headers.set('Command-Key', command.key);
    return request;
  },
  onResponse({ request }) {
    settle(request.headers.get('Command-Key'));
  },
  onError({ request }) {
    settle(request.headers.get('Command-Key'));
  },
};

function settle(key: string | null) {
  commands.forEach((command, asked) => {
    if (command.key === key) {
      command.pending--;
      command.doneAt = Date.now();
    } else if (command.pending === 0 && Date.now() - command.doneAt > momentOfTwoPresses) {
      commands.delete(asked);
    }
  });
}

export const api = createClient<paths>({ baseUrl: '/' });
api.use(echoToken, once);

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
