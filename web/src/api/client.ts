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

/**
 * A random UUID (version 4). Not crypto.randomUUID: browsers keep that from pages over plain HTTP by any name but
 * localhost, which is how most devices of a team come in.
 */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}
