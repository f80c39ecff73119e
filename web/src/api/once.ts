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
