import createClient, { type Middleware } from 'openapi-fetch';
import { ProblemError, type Problem } from './problem';
import type { components, paths } from './schema.gen';

export type Schemas = components['schemas'];

export function csrfToken(): string {
  const cookie = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '';
}

/** Sends the token of the page, and turns every error into one kind of exception. */
const middleware: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', csrfToken());
    return request;
  },
  async onResponse({ response }) {
    if (response.ok || response.status === 304) return response;
    const problem = (await response.json().catch(() => null)) as Problem | null;
    throw new ProblemError(response.status, problem ?? {});
  },
};

export const api = createClient<paths>({ baseUrl: '/' });
api.use(middleware);

/** The body of an answer that has one; errors have thrown before. */
export async function body<T>(call: Promise<{ data?: T }>): Promise<T> {
  const { data } = await call;
  if (data === undefined) throw new ProblemError(0, { title: 'The server sent nothing.' });
  return data;
}

export const newId = (): string => crypto.randomUUID();
