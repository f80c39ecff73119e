import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Schemas } from '../../api/client';
import { SESSION_KEY } from '../../api/reads';

export type Session = Schemas['SessionView'];

/** How far the app's clock is ahead of this device's, ms. */
let ahead = 0;

/** The team's time zone. */
let zone = 'UTC';

/** Now by the app's clock: a device's clock may be wrong, and a demo's may stand elsewhere. */
export const teamNow = (): string => new Date(Date.now() + ahead).toISOString();

/** A local date and time of the team as a moment. */
export function localToInstant(local: string): string {
  const utc = new Date(`${local.slice(0, 16)}:00Z`).getTime();
  const shown = new Intl.DateTimeFormat('sv-SE', {
    timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit',
  }).format(utc);
  const off = new Date(`${shown.replace(' ', 'T')}:00Z`).getTime() - utc;
  return new Date(utc - off).toISOString();
}

export function useSession() {
  return useQuery({
    queryKey: SESSION_KEY,
    queryFn: async () => {
      const session = await body(api.GET('/api/session'));
      ahead = new Date(session.now).getTime() - Date.now();
      zone = session.team?.zone ?? 'UTC';
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
    mayPlan: data?.user?.role === 'PLANNER',
    name: data?.user?.name ?? '',
    currency: data?.team?.currency ?? 'EUR',
    paper: data?.team?.paper ?? 'A4',
    weekStarts: data?.team?.weekStarts ?? 1,
  };
}

function useSessionChange<V>(change: (variables: V) => Promise<Session>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (session) => {
      // what another person has seen is not kept
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== SESSION_KEY[0] });
      queries.setQueryData(SESSION_KEY, session);
    },
  });
}

export const useSignIn = () =>
  useSessionChange((who: Schemas['SignInRequest']) => body(api.POST('/api/session', { body: who })));

export const useJoin = () =>
  useSessionChange((code: Schemas['JoinRequest']) => body(api.POST('/api/session/join', { body: code })));

export const useSignOut = () => useSessionChange(() => body(api.DELETE('/api/session')));

export const useFirstAccount = () =>
  useSessionChange((first: Schemas['FirstAccountRequest']) => body(api.POST('/api/team/first-account', { body: first })));

export const useUnits = () =>
  useSessionChange((units: 'METRIC' | 'IMPERIAL') => body(api.PUT('/api/session/units', { body: { units } })));
