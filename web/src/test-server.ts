/** Answers requests in tests of whole screens; stands where the browser's fetch would. */
export interface Asked {
  method: string;
  path: string;
  body: unknown;
}

type Answer = { status?: number; body?: unknown };

const routes: { method: string; path: RegExp; answer: (asked: Asked) => Answer }[] = [];
export const asked: Asked[] = [];

export function answer(method: string, path: RegExp, reply: (asked: Asked) => Answer) {
  routes.unshift({ method, path, answer: reply });
}

export function forget() {
  routes.length = 0;
  asked.length = 0;
}

globalThis.fetch = async (input) => {
  const request = input as Request;
  const text = await request.text();
  const url = new URL(request.url);
  const seen: Asked = {
    method: request.method,
    path: url.pathname + url.search,
    body: text ? (JSON.parse(text) as unknown) : null,
  };
  asked.push(seen);
  const route = routes.find((r) => r.method === seen.method && r.path.test(seen.path));
  if (!route) throw new TypeError(`nobody answers ${seen.method} ${seen.path}`);
  const { status = 200, body } = route.answer(seen);
  return new Response(body === undefined ? null : JSON.stringify(body), {
    status,
    headers: body === undefined ? { 'Content-Length': '0' } : { 'Content-Type': 'application/json' },
  });
};
