import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';
import { without } from '../app/without';

type Work = Schemas['WorkRequest'];

/** The same working without its mistake. */
export const rightOf = (work: Work): Work => without(work, 'slip');

/** How far one has come in looking; it ends with the problem that it is about. */
type Looking = {
  about: string;
  choosing: boolean;
  shown: Work | undefined;
  isPutRight: boolean;
  ringed: boolean;
  struck: boolean;
};

/**
 * A working to look for what is wrong in, or whether anything is: chosen, rung, struck, put right.
 *
 * @param about tells the problem on the board from every other; with another one the looking is over
 */
export function useMistake(asked: Work | undefined, about: string) {
  const work = rightOf(asked ?? {});
  const begun = asked?.slip ? asked : undefined;
  const fresh: Looking = {
    about,
    choosing: false,
    shown: begun,
    isPutRight: false,
    ringed: false,
    struck: false,
  };
  const [held, setHeld] = useState(fresh);
  const looking = held.about === about ? held : fresh;
  const become = (change: Partial<Looking>) => setHeld({ ...looking, ...change });
  const { choosing, shown, isPutRight, ringed, struck } = looking;
  const choice = useQuery<Schemas['ToLookFor'], Refused>({
    queryKey: keys.work.slips(work),
    queryFn: () => ask(api.POST('/api/slips', { body: work })),
    enabled: choosing && asked !== undefined,
    staleTime: Infinity,
  });
  const show = (other: Work) => setHeld({ ...fresh, shown: other });
  return {
    /** The problem as it is right. */
    right: asked && work,
    /** The working to look at, or nothing where the right one stands as usual. */
    shown,
    /** Whether the right one stands in place of a wrong one. */
    isPutRight,
    choice: choice.data,
    error: choice.error,
    choosing,
    ringed,
    struck,
    chooseSlip: (slip: string) => show({ ...work, slip }),
    chooseOdd: (odd: Work) => show(odd),
    putRight: () => setHeld({ ...fresh, shown: undefined, isPutRight: isPutRight || shown !== undefined }),
    open: () => become({ choosing: true }),
    close: () => become({ choosing: false }),
    ring: () => become({ ringed: !ringed }),
    strike: () => become({ struck: !struck }),
  };
}

export type Mistake = ReturnType<typeof useMistake>;
