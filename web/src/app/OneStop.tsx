import { Box } from '@mui/material';
import { useEffect, useRef, type ComponentProps, type KeyboardEvent } from 'react';

const steps: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

const buttonsIn = (within: HTMLElement | null) => [...(within?.querySelectorAll('button') ?? [])];

/** Many buttons that are one stop for Tab; arrows lead from one to the other. */
export function OneStop(props: ComponentProps<typeof Box>) {
  const frame = useRef<HTMLElement>(null);
  const reach = (reached: HTMLElement | undefined) =>
    buttonsIn(frame.current).forEach((button) => (button.tabIndex = button === reached ? 0 : -1));
  useEffect(() => {
    const buttons = buttonsIn(frame.current);
    reach(buttons.find((button) => button === document.activeElement) ?? buttons[0]);
  });
  const move = (event: KeyboardEvent) => {
    const by = steps[event.key];
    const buttons = buttonsIn(frame.current);
    const at = buttons.findIndex((button) => button === document.activeElement);
    if (by && at >= 0) {
      event.preventDefault();
      const next = buttons[(at + by + buttons.length) % buttons.length];
      reach(next);
      next?.focus();
    }
  };
  return <Box role="group" {...props} ref={frame} onKeyDown={move} />;
}
