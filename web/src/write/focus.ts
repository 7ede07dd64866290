/** Puts the focus on the paper that is written on, somewhere in there. */
export const focusOnPaper = (within: HTMLElement | null) =>
  within?.querySelector<HTMLElement>('[data-testid=writing]')?.focus();
