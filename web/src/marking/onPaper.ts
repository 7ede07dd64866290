/** A screen that is printed as it stands: what only serves the screen is left out. */
export const onPaper = {
  '@media print': {
    p: 0,
    '& .not-printed': { display: 'none' },
  },
} as const;
