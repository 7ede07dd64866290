import { type Query, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Refused } from '../api/client';
import { useInCache } from './useInCache';

/** What is wrong and what to do, marked by a sign as well as by colour. Says nothing where all is well. */
export function Trouble(props: { id?: string; message?: string; children?: ReactNode }) {
  if (!props.message) {
    return null;
  }
  return (
    <div id={props.id} role="alert" className="trouble">
      <b aria-hidden>✗</b>
      <span>
        {props.message} {props.children}
        <TryAgain message={props.message} />
      </span>
    </div>
  );
}

/** Refused for good lies from the first of these up to the second; 0 is no answer at all. */
const refusedFrom = 400;
const faultFrom = 500;

const isRefused = (error: unknown) =>
  error instanceof Refused && error.status >= refusedFrom && error.status < faultFrom;

/** What a screen waits for in vain, since the server did not answer; what it refused would be refused again. */
const isMissing = (message: string) => (query: Query) =>
  query.isActive() &&
  query.state.status === 'error' &&
  query.state.data === undefined &&
  query.state.error?.message === message &&
  !isRefused(query.state.error);

/** Asks once more for what could not be fetched; nothing where the trouble is of another kind. */
function TryAgain({ message }: { message: string }) {
  const queries = useQueryClient();
  const missing = useInCache((all) => all.some(isMissing(message)));
  return missing ? (
    <button
      type="button"
      className="button"
      onClick={() => void queries.refetchQueries({ predicate: isMissing(message) })}
    >
      Try again
    </button>
  ) : null;
}
