import type { KeyboardEvent } from 'react';
import type { Pen } from './usePen';

const arrows = { ArrowLeft: 'left', ArrowRight: 'right', ArrowUp: 'up', ArrowDown: 'down' } as const;

/** What the keys do while the paper is in focus; others are the browser's. Control and Enter: this paper is done. */
export function writeKeys(pen: Pen, help: () => void, done: () => void) {
  return (event: KeyboardEvent) => {
    const turning = (event.ctrlKey || event.metaKey) && !event.altKey;
    const action = turning
      ? withControl(event, pen, done)
      : event.altKey
        ? undefined
        : alone(event.key, pen, help);
    if (action) {
      event.preventDefault();
      action();
    }
  };
}

function withControl(event: KeyboardEvent, pen: Pen, done: () => void) {
  const key = event.key.toLowerCase();
  if (key === 'enter') {
    return done;
  }
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

/**
 * Presses what one goes on with when a paper is done.
 *
 * @param foot the id of what holds the buttons
 */
export const pressFirst = (foot: string) =>
  document.getElementById(foot)?.querySelector<HTMLElement>('button, a')?.click();
