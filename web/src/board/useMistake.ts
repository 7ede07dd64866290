import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';

/** A deliberate mistake: choosing a slip, ringing it, striking it, putting it right. */
export function useMistake(work: Schemas['WorkRequest'] | undefined) {
  const [choosing, setChoosing] = useState(false);
  const [slip, setSlip] = useState<string>();
  const [ringed, setRinged] = useState(false);
  const [struck, setStruck] = useState(false);
  const slips = useQuery<Schemas['SlipView'][], Refused>({
    queryKey: ['slips', work],
    queryFn: () => ask(api.POST('/api/slips', { body: work ?? {} })),
    enabled: choosing && work !== undefined,
    staleTime: Infinity,
  });
  const choose = (id: string | undefined) => {
    setSlip(id);
    setChoosing(false);
    setRinged(false);
    setStruck(false);
  };
  return {
    slip,
    slips: slips.data,
    error: slips.error,
    choosing,
    ringed,
    struck,
    choose,
    open: () => setChoosing(true),
    close: () => setChoosing(false),
    ring: () => setRinged(!ringed),
    strike: () => setStruck(!struck),
  };
}

export type Mistake = ReturnType<typeof useMistake>;
