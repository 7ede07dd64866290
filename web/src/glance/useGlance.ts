import { useMutation, useQueryClient, keepPreviousData } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Steps = Schemas['StepsView'];
export type FactTables = Schemas['FactSquaresView'];

/** Whose facts or steps: a pupil's, or a class's. */
export type Whose = { pupil: number } | { class: number };

const path = (id: number) => ({ path: { id } });

export function usePupilSteps(id: number, until: string | undefined) {
  return useQuery<Steps, Refused>({
    queryKey: keys.records.steps('pupil', id, until),
    queryFn: () => ask(api.GET('/api/pupils/{id}/steps', { params: { ...path(id), query: { until } } })),
    placeholderData: keepPreviousData,
  });
}

export function useClassSteps(id: number, rung: string | undefined, until: string | undefined) {
  return useQuery<Schemas['ClassStepsView'], Refused>({
    queryKey: keys.records.steps('class', id, rung, until),
    queryFn: () =>
      ask(api.GET('/api/classes/{id}/steps', { params: { ...path(id), query: { rung, until } } })),
    placeholderData: keepPreviousData,
  });
}

export function useFacts(whose: Whose) {
  return useQuery<FactTables, Refused>({
    queryKey: keys.records.facts(whose),
    queryFn: () =>
      'pupil' in whose
        ? ask(api.GET('/api/pupils/{id}/facts', { params: path(whose.pupil) }))
        : ask(api.GET('/api/classes/{id}/facts', { params: path(whose.class) })),
  });
}

export function useStairs(id: number) {
  return useQuery<Schemas['StairView'], Refused>({
    queryKey: keys.records.stairs(id),
    queryFn: () => ask(api.GET('/api/classes/{id}/stairs', { params: path(id) })),
  });
}

/** Makes a set of facts to practise for two minutes. */
export function useFactRound() {
  const queries = useQueryClient();
  return useMutation<Schemas['MadeRound'], Refused, { facts: string[]; whose: string }>({
    mutationFn: (body) => ask(api.POST('/api/facts/rounds', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.sets.lists }),
  });
}

/** A question in which a slip shows; none where it shows in none by the house style. */
export function useSlipShown(slip: string, operation: Schemas['Operation'], enabled: boolean) {
  return useQuery<Schemas['SlipInProblem'], Refused>({
    queryKey: keys.work.shown(slip, operation),
    queryFn: () =>
      ask(api.GET('/api/slips/{slip}/shown', { params: { path: { slip }, query: { operation } } })),
    staleTime: Infinity,
    enabled,
  });
}
