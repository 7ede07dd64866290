import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';
import { without } from '../app/without';

type Work = Schemas['WorkRequest'];

/** The same working without its mistake. */
export const rightOf = (work: Work): Work => without(work, 'slip');

/**
 * A working to look for what is wrong in, or whether anything is: chosen, rung, struck, put right.
 *
 * @param about tells the problem on the board from every other; with another one the looking is over
 */
export function useMistake(asked: Work | undefined, about: string) {
  const work = rightOf(asked ?? {});
  const begun = asked?.slip ? asked : undefined;
  const [choosing, setChoosing] = useState(false);
  const [shown, setShown] = useState(begun);
  const [ringed, setRinged] = useState(false);
  const [struck, setStruck] = useState(false);
  const [looked, setLooked] = useState(about);
  const choice = useQuery<Schemas['ToLookFor'], Refused>({
    queryKey: keys.work.slips(work),
    queryFn: () => ask(api.POST('/api/slips', { body: work })),
    enabled: choosing && asked !== undefined,
    staleTime: Infinity,
  });
  const show = (other: Work | undefined) => {
    setShown(other);
    setChoosing(false);
    setRinged(false);
    setStruck(false);
  };
  if (looked !== about) {
    setLooked(about);
    show(begun);
  }
  return {
    /** The problem as it is right. */
    right: asked && work,
    /** The working to look at, or nothing where the right one stands as usual. */
    shown,
    choice: choice.data,
    error: choice.error,
    choosing,
    ringed,
    struck,
    chooseSlip: (slip: string) => show({ ...work, slip }),
    chooseOdd: (odd: Work) => show(odd),
    putRight: () => show(undefined),
    open: () => setChoosing(true),
    close: () => setChoosing(false),
    ring: () => setRinged(!ringed),
    strike: () => setStruck(!struck),
  };
}

export type Mistake = ReturnType<typeof useMistake>;
