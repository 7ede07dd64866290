import { useMemo, useState } from 'react';
import type { Schemas } from '../api/client';
import type { Entry } from '../log/useLog';
import { useStyleChange } from './usePaper';

type Work = Schemas['WorkRequest'];

/** A problem as it was typed, and the point it was typed with. */
export type Typed = { typed: string; typedPoint?: string };

/** How the problem on the paper is written: in the house style, or with choices of its own. */
export function useWriting(
  { typed, typedPoint }: Typed,
  opened: Entry | undefined,
  style: Schemas['StyleView'],
) {
  const [apart, setApart] = useState(opened !== undefined);
  const [own, setOwn] = useState<Record<string, string>>();
  const [method, setMethod] = useState<string>();
  const styleChange = useStyleChange();
  const work = useMemo<Work>(() => {
    const base: Work = opened ? opened.work : { problem: typed, typedPoint, style: style.chosen };
    if (!own && !method) {
      return base;
    }
    return { ...base, style: { ...base.style, ...own }, method: method ?? base.method };
  }, [opened, typed, typedPoint, style.chosen, own, method]);

  const choose = (choice: string, option: string) => {
    if (apart) {
      setOwn({ ...own, [choice]: option });
    } else {
      styleChange.mutate({ [choice]: option });
    }
  };
  return { work, chosen: work.style ?? {}, choose, apart, setApart, setMethod };
}

export type Writing = ReturnType<typeof useWriting>;
