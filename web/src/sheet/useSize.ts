import { useEffect, useState, type RefObject } from 'react';

/** The inner size of an element, followed as it changes. */
export function useSize(element: RefObject<HTMLElement | null>) {
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const box = element.current;
    if (!box) {
      return undefined;
    }
    const observer = new ResizeObserver(() => {
      setSize({ width: box.offsetWidth - 2, height: box.offsetHeight - 2 });
    });
    observer.observe(box);
    return () => observer.disconnect();
  }, [element]);
  return size;
}
