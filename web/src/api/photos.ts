import { csrfToken } from './client';
import { ProblemError, type Problem } from './problem';

export const photoUrl = (id: string, small: boolean): string => `/api/photos/${id}${small ? '?small=true' : ''}`;

async function orThrow(response: Response): Promise<void> {
  if (response.ok) return;
  throw new ProblemError(response.status, ((await response.json().catch(() => null)) ?? {}) as Problem);
}

/** What a photo was taken at; empty where it was taken of the plant as such. */
export type Occasion = { check: string } | { job: string } | Record<string, never>;

/** The body is the picture itself; the generated client knows only JSON. */
export async function sendPhoto(id: string, plant: string, occasion: Occasion, file: Blob): Promise<void> {
  const at = new URLSearchParams({ plant, ...occasion });
  const response = await fetch(
    new Request(new URL(`/api/photos/${id}?${at.toString()}`, window.location.href), {
      method: 'PUT',
      headers: { 'Content-Type': file.type || 'image/jpeg', 'X-XSRF-TOKEN': csrfToken() },
      body: file,
    }),
  );
  await orThrow(response);
}

export async function removePhoto(id: string): Promise<void> {
  await orThrow(
    await fetch(
      new Request(new URL(`/api/photos/${id}`, window.location.href), {
        method: 'DELETE',
        headers: { 'X-XSRF-TOKEN': csrfToken() },
      }),
    ),
  );
}
