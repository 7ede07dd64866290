import type { KeyboardEvent } from 'react';
import type { Pen } from './usePen';

const arrows = { ArrowLeft: 'left', ArrowRight: 'right', ArrowUp: 'up', ArrowDown: 'down' } as const;

/** What the keys do while the paper is in focus; others are the browser's. */
export function writeKeys(pen: Pen, help: () => void) {
  return (event: KeyboardEvent) => {
    const turning = (event.ctrlKey || event.metaKey) && !event.altKey;
    const action = turning ? withControl(event, pen) : event.altKey ? undefined : alone(event.key, pen, help);
    if (action) {
      event.preventDefault();
      action();
    }
  };
}

function withControl(event: KeyboardEvent, pen: Pen) {
  const key = event.key.toLowerCase();
  return key === 'y' || (key === 'z' && event.shiftKey) ? pen.redo : key === 'z' ? pen.undo : undefined;
}

function alone(key: string, pen: Pen, help: () => void) {
  if (/^[0-9]$/.test(key)) {
    return () => pen.digit(key);
  }
  if (key in arrows) {
    return () => pen.move(arrows[key as keyof typeof arrows]);
  }
  const others: Record<string, () => void> = {
    Backspace: pen.rub,
    Delete: pen.rub,
    Enter: pen.onwards,
    '.': pen.toSmall,
    ',': pen.toSmall,
    '-': pen.strike,
    '/': pen.strike,
    '?': () => pen.note('unclear'),
    '!': () => pen.note('mirror'),
    h: help,
  };
  return others[key];
}
