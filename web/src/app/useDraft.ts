import { useState } from 'react';

/** What was typed and is not kept yet outlasts a reload and a way to another page, on this device. */
export function useDraft(name: string, kept: string) {
  const key = `bemble draft ${name}`;
  const [typed, setTyped] = useState(() => read(key) ?? kept);
  return {
    typed,
    type: (text: string) => {
      setTyped(text);
      write(key, text === kept ? undefined : text);
    },
    /** It is kept now. */
    done: () => write(key, undefined),
  };
}

function read(key: string) {
  try {
    return localStorage.getItem(key) ?? undefined;
  } catch {
    return undefined;
  }
}

function write(key: string, text: string | undefined) {
  try {
    if (text === undefined) {
      localStorage.removeItem(key);
    } else {
      localStorage.setItem(key, text);
    }
  } catch {
    // Where this device keeps nothing it stands here until the page is left.
  }
}
