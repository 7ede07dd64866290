import { useMutation } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { useStyle } from './usePaper';

/** An estimate, and with the teacher's own also how it stands to the answer. */
export function useEstimate() {
  return useMutation<Schemas['EstimateView'], Refused, Schemas['EstimateRequest']>({
    mutationFn: (body) => ask(api.POST('/api/estimate', { body })),
  });
}

export function useCalculator() {
  const style = useStyle();
  return useMutation<Schemas['Display'], Refused, string>({
    mutationFn: (problem) =>
      ask(api.POST('/api/calculator', { body: { problem, style: style.data?.chosen } })),
  });
}
