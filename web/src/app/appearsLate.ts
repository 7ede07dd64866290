/** Seen only where it stands for longer than a quick save takes. */
export const appearsLate = {
  animation: 'appear 1ms 700ms both',
  '@keyframes appear': { from: { visibility: 'hidden' }, to: { visibility: 'visible' } },
} as const;
