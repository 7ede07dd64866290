import { QueryObserver } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { FreshClient } from './freshClient';

/** A server whose answers come when they are let go. */
class Slow {
  state = 'before';
  private readonly waiting: (() => void)[] = [];

  ask = () => {
    const answer = this.state;
    return new Promise<string>((resolve) => this.waiting.push(() => resolve(answer)));
  };

  async letGo() {
    this.waiting.splice(0).forEach((go) => go());
    await new Promise((soon) => setTimeout(soon, 0));
  }
}

it('asks anew for what was on its way for the first time when it changed', async () => {
  for (const known of [false, true]) {
    const client = new FreshClient();
    const server = new Slow();
    const shown = new QueryObserver(client, { queryKey: ['examples'], queryFn: server.ask });
    const stop = shown.subscribe(() => undefined);
    if (known) {
      await server.letGo();
      void shown.refetch();
    }
    server.state = 'after';
    const done = client.invalidateQueries({ queryKey: ['examples'] });
    await server.letGo();
    await server.letGo();
    await done;
    expect(shown.getCurrentResult()).toMatchObject({ data: 'after', status: 'success', fetchStatus: 'idle' });
    stop();
    client.clear();
  }
});
