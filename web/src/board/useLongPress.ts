import { useRef } from 'react';

const long = 550;

/** A tap and a long press on the same thing; a press that was long is no tap. */
export function useLongPress(tap: () => void, press: () => void) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const wasLong = useRef(false);
  const end = () => clearTimeout(timer.current);
  return {
    onPointerDown: () => {
      wasLong.current = false;
      timer.current = setTimeout(() => {
        wasLong.current = true;
        press();
      }, long);
    },
    onPointerUp: end,
    onPointerLeave: end,
    onPointerCancel: end,
    onClick: () => {
      if (!wasLong.current) {
        tap();
      }
    },
  };
}
