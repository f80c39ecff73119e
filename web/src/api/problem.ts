export interface Fault {
  field: string;
  message: string;
  value?: unknown;
}

export interface Change {
  field: string;
  yours: unknown;
  theirs: unknown;
}

/** A problem document (RFC 9457) as the server sends it. */
export interface Problem {
  type?: string;
  title?: string;
  detail?: string;
  errors?: Fault[];
  version?: number;
  changes?: Change[];
}

export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(problem.detail ?? problem.title ?? 'The server could not be reached.');
  }

  /** Who is signed in has to be asked anew. */
  get asksWho(): boolean {
    return this.status === 401 || this.problem.type === 'urn:happy-saucer:page-token';
  }
}

/** Messages by field, for the form that sent them. */
export function faultsByField(error: unknown): Record<string, string> {
  if (!(error instanceof ProblemError)) return {};
  return Object.fromEntries((error.problem.errors ?? []).map((f) => [f.field, f.message]));
}

/** What to tell the person: the server's words, or that it could not be reached. */
export function sayProblem(error: unknown): { title: string; text: string } {
  if (error instanceof ProblemError) {
    const faults = (error.problem.errors ?? []).map((f) => f.message);
    return {
      title: error.problem.title ?? 'That did not work',
      text: faults.length > 0 ? faults.join(' ') : error.message,
    };
  }
  return {
    title: 'No connection',
    text: 'The server could not be reached. Nothing is lost; try again when you are back in range.',
  };
}
