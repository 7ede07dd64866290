import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Rule = Schemas['RuleView'];

/** How the name of a rule that was worked out begins. */
const worked = 'rule:';

export const isRule = (slip: string) => slip.startsWith(worked);

/** The rules to which the school gave names. */
export const useRules = () =>
  useQuery<Rule[], Refused>({ queryKey: keys.rules, queryFn: () => ask(api.GET('/api/rules')) });

function useRuleChange<V>(change: (values: V) => Promise<unknown>) {
  const queries = useQueryClient();
  return useMutation<unknown, Refused, V>({
    mutationFn: change,
    // A rule's name stands wherever a slip's name stands.
    onSuccess: () => queries.invalidateQueries(),
  });
}

export const useNameRule = () =>
  useRuleChange((body: Schemas['NamedRule']) => ask(api.POST('/api/rules', { body })));

export const useDeleteRule = () =>
  useRuleChange((id: number) => ask(api.DELETE('/api/rules/{id}', { params: { path: { id } } })));

export const useRestoreRule = () =>
  useRuleChange((id: number) => ask(api.POST('/api/rules/{id}/restore', { params: { path: { id } } })));
