import { useState } from 'react';
import type { Figure } from './figures';
import { inSquare } from './figures';
import { useNudge, type AttemptView, type Help, type Paper } from './useAttempts';
import type { Pen } from './usePen';

const first = { size: 'SQUARE', label: 'Where next?' } as const;
const then = { size: 'QUESTION', label: 'What is the question?' } as const;
const last = { size: 'FIGURE', label: 'Which figure?' } as const;

/** A nudge in three sizes: the square, the question, the figure; each is kept as taken. */
export function useHelp(attempt: AttemptView, paper: Paper, figures: Figure[], pen: Pen) {
  const nudge = useNudge(attempt, attempt.settings, figures);
  const written = figures.filter((figure) => figure.kind !== 'nudge').length;
  const [given, setGiven] = useState<{ size: string; written: number; help: Help }>();
  // A nudge is about the paper as it stood; once something is written the next one begins anew.
  const valid = given?.written === written ? given : undefined;
  const next = !valid ? first : valid.size === first.size ? then : last;

  const more = () =>
    nudge.mutate(next.size, {
      onSuccess: (help) => {
        setGiven({ size: next.size, written, help });
        pen.help(next.size.toLowerCase());
        const index = paper.squares.findIndex((square) => !help.done && inSquare(help, square));
        if (index >= 0) {
          pen.goTo(index);
        }
      },
    });

  return {
    more,
    label: next.label,
    shown: valid?.help,
    said: valid && sentence(valid.help, paper),
    error: nudge.error?.message,
  };
}

function sentence(help: Help, paper: Paper) {
  if (help.done) {
    return 'Nothing is left to write.';
  }
  const name = paper.squares.find((square) => inSquare(help, square))?.name ?? 'the next square';
  const doing = help.kind === 'strike' ? 'A figure is struck next' : 'Next comes';
  return [`${doing}: ${name}.`, help.ask, help.text && `It is ${help.text}.`].filter(Boolean).join(' ');
}
