import { useEffect, useRef } from 'react';

/** Brings what has just appeared into sight, such as a question that stands below the fold. */
export function useInSight<T extends HTMLElement>() {
  const ref = useRef<T>(null);
  useEffect(() => ref.current?.scrollIntoView({ block: 'nearest' }), []);
  return ref;
}
