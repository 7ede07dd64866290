import { useEffect, useRef, useState } from 'react';

/** Whether something has come near what is seen, once and for all: what is far below need not be fetched yet. */
export function useNear<T extends HTMLElement>() {
  const ref = useRef<T>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    if (near || !ref.current) {
      return undefined;
    }
    const watch = new IntersectionObserver(
      (seen) => {
        if (seen.some((each) => each.isIntersecting)) {
          setNear(true);
        }
      },
      { rootMargin: '400px' },
    );
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, [near]);
  return { ref, near };
}
