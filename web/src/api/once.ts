import { useRef } from 'react';
import { newId } from './client';
import { ProblemError } from './problem';

/**
 * The id of one request. It stays while nobody knows whether the request arrived, so that the same one sent again
 * over a bad line counts once.
 */
export function useOnce() {
  const id = useRef(newId());
  const renew = () => {
    id.current = newId();
  };
  return {
    id: () => id.current,
    /** What is sent next is another request. */
    renew,
    /** The same, where the server has answered that it did nothing. */
    refused: (error: unknown) => {
      if (error instanceof ProblemError) renew();
    },
  };
}

/**
 * The same for requests of one kind about many things: one request for each, as it was first made, while nobody knows
 * whether it arrived.
 */
export function useOnceEach<T>() {
  const kept = useRef(new Map<string, T>());
  return {
    made: (about: string, make: () => T): T => {
      const request = kept.current.get(about) ?? make();
      kept.current.set(about, request);
      return request;
    },
    /** It arrived: the next one about the same is another. */
    arrived: (about: string): void => {
      kept.current.delete(about);
    },
    /** Arrived as well, where the server has answered that it did nothing. */
    refused: (about: string, error: unknown): void => {
      if (error instanceof ProblemError) kept.current.delete(about);
    },
  };
}
