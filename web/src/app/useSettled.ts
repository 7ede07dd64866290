import { useEffect, useState } from 'react';

/** A value once it has rested for a moment: what is being typed is not asked about letter by letter. */
export function useSettled<T>(value: T, milliseconds = 350): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), milliseconds);
    return () => window.clearTimeout(timer);
  }, [value, milliseconds]);
  return settled;
}
