import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

/** A problem worked; worked once, it is not asked for again. */
export const workedQuery = (work: Schemas['WorkRequest'] | undefined) =>
  queryOptions<Schemas['WorkResponse'], Refused>({
    queryKey: keys.work.of(work),
    queryFn: () => ask(api.POST('/api/work', { body: work ?? {} })),
    staleTime: Infinity,
  });

/** A problem worked as asked; the last one stays on the paper while the next is worked. */
export function useWorked(work: Schemas['WorkRequest'] | undefined) {
  return useQuery({ ...workedQuery(work), enabled: work !== undefined, placeholderData: keepPreviousData });
}

export function useStyle() {
  return useQuery<Schemas['StyleView'], Refused>({
    queryKey: keys.style,
    queryFn: () => ask(api.GET('/api/style')),
  });
}

/** Every choice shown as it is chosen; what was shown stays until the server has the change. */
export function useStyleExamples() {
  return useQuery<Schemas['ShownChoiceView'][], Refused>({
    queryKey: keys.styleExamples,
    queryFn: () => ask(api.GET('/api/style/examples')),
    staleTime: 0,
  });
}

/** Changes choices of the house style, shown at once and kept. */
export function useStyleChange() {
  const queries = useQueryClient();
  return useMutation<Schemas['StyleView'], Refused, Record<string, string>>({
    mutationKey: keys.style,
    // One after the other, so that no choice is lost when several are made quickly.
    scope: { id: 'style' },
    mutationFn: (body) => ask(api.PATCH('/api/style', { body })),
    onMutate: (choices) => {
      queries.setQueryData<Schemas['StyleView']>(keys.style, (style) =>
        style ? { ...style, chosen: { ...style.chosen, ...choices } } : style,
      );
    },
    onSuccess: (style) => {
      if (queries.isMutating({ mutationKey: keys.style }) === 1) {
        queries.setQueryData(keys.style, style);
        void queries.invalidateQueries({ queryKey: keys.styleExamples });
      }
    },
    onError: () => queries.invalidateQueries({ queryKey: keys.style }),
  });
}
