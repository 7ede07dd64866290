import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Plan = Schemas['PlanView'];
export type Group = Schemas['GroupView'];
export type Term = Schemas['Term'];
export type TermView = Schemas['TermView'];

const at = (id: number, week?: string) => ({ params: { path: { id }, query: { week } } });

export function usePlan(id: number, week?: string) {
  return useQuery<Plan, Refused>({
    queryKey: keys.plan.week(id, week),
    queryFn: () => ask(api.GET('/api/classes/{id}/plan', at(id, week))),
    staleTime: 0,
  });
}

export function useTerm(id: number) {
  return useQuery<Schemas['TermView'], Refused>({
    queryKey: keys.plan.term(id),
    queryFn: () => ask(api.GET('/api/classes/{id}/term', { params: { path: { id } } })),
  });
}

export function useKeepTerm(id: number) {
  const queries = useQueryClient();
  return useMutation<Schemas['TermView'], Refused, { term: Term; revision: number }>({
    mutationFn: ({ term, revision }) =>
      ask(api.PUT('/api/classes/{id}/term', { params: { path: { id }, query: { revision } }, body: term })),
    onSuccess: (term) => {
      queries.setQueryData(keys.plan.term(id), term);
      void queries.invalidateQueries({ queryKey: keys.plan.all(id) });
    },
  });
}

/** The plan as it is kept, from how it is shown. */
const content = (plan: Plan, days: Plan['days']): Schemas['PlanContent'] => ({
  days: days.map((day) => ({
    date: day.date,
    groups: day.groups.map(({ key, kind, rung, slip, questions, minutes, pupils, setId }) => ({
      key,
      kind,
      rung,
      slip,
      questions,
      minutes,
      pupils: pupils.map((pupil) => pupil.id),
      setId,
    })),
  })),
  conflicts: plan.conflicts,
});

/** Changes the plan by hand, one change after the other. */
export function useChangePlan(id: number, week?: string) {
  const queries = useQueryClient();
  const shown = (plan: Plan) => queries.setQueryData(keys.plan.week(id, week), plan);
  const change = useMutation<Plan, Refused, { plan: Plan; days: Plan['days'] }>({
    scope: { id: `plan ${id}` },
    mutationFn: ({ plan, days }) =>
      ask(
        api.PUT('/api/classes/{id}/plan', {
          ...at(id, week),
          body: { content: content(plan, days), revision: plan.revision },
        }),
      ),
    onSuccess: shown,
    onError: () => queries.invalidateQueries({ queryKey: keys.plan.all(id) }),
  });
  const again = useMutation<Plan, Refused>({
    mutationFn: () => ask(api.DELETE('/api/classes/{id}/plan', at(id, week))),
    onSuccess: shown,
  });
  return { change, again };
}

/** Makes the set of a group's sheet, or finds the one that was made. */
export function usePlannedSet(id: number, week?: string) {
  const queries = useQueryClient();
  return useMutation<Schemas['MadeFor'], Refused, string>({
    mutationFn: (key) =>
      ask(
        api.POST('/api/classes/{id}/plan/groups/{key}/set', {
          params: { path: { id, key }, query: { week } },
        }),
      ),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: keys.plan.all(id) }),
        queries.invalidateQueries({ queryKey: keys.sets.all }),
        queries.invalidateQueries({ queryKey: keys.today }),
      ]),
  });
}
