import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Schemas } from '../../api/client';

export type Session = Schemas['SessionView'];

const KEY = ['session'];

/** How far the app's clock is ahead of this device's, ms. */
let ahead = 0;

/** Now by the app's clock: a device's clock may be wrong, and a demo's may stand elsewhere. */
export const teamNow = (): string => new Date(Date.now() + ahead).toISOString();

export function useSession() {
  return useQuery({
    queryKey: KEY,
    queryFn: async () => {
      const session = await body(api.GET('/api/session'));
      ahead = new Date(session.now).getTime() - Date.now();
      return session;
    },
    staleTime: 60_000,
  });
}

/** The signed-in reader; screens behind the sign-in may rely on it. */
export function useReader() {
  const { data } = useSession();
  return {
    units: data?.user?.units ?? ('METRIC' as const),
    today: data?.today ?? new Date().toISOString().slice(0, 10),
    mayWork: data?.user?.role !== 'COUNTER',
  };
}

function useSessionChange<V>(change: (variables: V) => Promise<Session>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (session) => {
      // what another person has seen is not kept
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
      queries.setQueryData(KEY, session);
    },
  });
}

export const useSignIn = () =>
  useSessionChange((who: Schemas['SignInRequest']) => body(api.POST('/api/session', { body: who })));

export const useSignOut = () => useSessionChange(() => body(api.DELETE('/api/session')));

export const useFirstAccount = () =>
  useSessionChange((first: Schemas['FirstAccountRequest']) => body(api.POST('/api/team/first-account', { body: first })));

export const useUnits = () =>
  useSessionChange((units: 'METRIC' | 'IMPERIAL') => body(api.PUT('/api/session/units', { body: { units } })));
