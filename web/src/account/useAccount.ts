import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { useQuery } from '../app/useQuery';

const key = ['account'];

/** Who is signed in, and whether there is a first account to create. */
export function useAccount() {
  return useQuery<Schemas['AccountState'], Refused>({
    queryKey: key,
    queryFn: () => ask(api.GET('/api/account')),
  });
}

function useAccountChange<V>(change: (values: V) => Promise<Schemas['AccountState']>) {
  const queries = useQueryClient();
  return useMutation<Schemas['AccountState'], Refused, V>({
    mutationFn: change,
    onSuccess: (state) => {
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== key[0] });
      queries.setQueryData(key, state);
    },
  });
}

export const useSignIn = () =>
  useAccountChange((body: Schemas['Credentials']) => ask(api.POST('/api/account/sign-in', { body })));

export const useFirstAccount = () =>
  useAccountChange((body: Schemas['FirstAccount']) => ask(api.POST('/api/account/first', { body })));

export const useSignOut = () => useAccountChange(() => ask(api.POST('/api/account/sign-out')));
