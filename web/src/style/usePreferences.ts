import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

type View = Schemas['PreferencesView'];

/** The teacher's own cues, and whether keys of a single letter do something. */
export function usePreferences() {
  return useQuery<View, Refused>({
    queryKey: keys.preferences,
    queryFn: () => ask(api.GET('/api/preferences')),
  });
}

/** Changes what is given, one change after the other, and keeps the rest. */
export function usePreferencesChange() {
  const queries = useQueryClient();
  return useMutation<View, Refused, Schemas['PreferencesChange']>({
    scope: { id: 'preferences' },
    mutationFn: (body) => ask(api.PATCH('/api/preferences', { body })),
    // A switch shows at once what it was set to.
    onMutate: ({ letterKeys }) => {
      queries.setQueryData<View>(keys.preferences, (view) =>
        view && letterKeys !== undefined ? { ...view, chosen: { ...view.chosen, letterKeys } } : view,
      );
    },
    onError: () => queries.invalidateQueries({ queryKey: keys.preferences }),
    onSuccess: (view) => {
      queries.setQueryData(keys.preferences, view);
      void queries.invalidateQueries({ queryKey: keys.howWeWriteIt.all });
    },
  });
}

/** The first of the teacher's cues for a step, if they have written one. */
export function useCue(kinds: string[] | undefined): string | undefined {
  const cues = usePreferences().data?.chosen.cues;
  return kinds?.map((kind) => cues?.[kind]).find(Boolean);
}

/** Whether keys of a single letter do something; they do until it is known otherwise. */
export function useLetterKeys(): boolean {
  return usePreferences().data?.chosen.letterKeys ?? true;
}
