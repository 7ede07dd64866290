import { useEffect, useRef } from 'react';

/** Brings what has just appeared into sight, such as a question that stands below the fold. */
export function useInSight<T extends HTMLElement>() {
  const ref = useRef<T>(null);
  useEffect(() => {
    // What a browser answers to this is not a clean-up.
    ref.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return ref;
}
