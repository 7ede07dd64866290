/** Choices at the left, what comes of them at the right; on a narrow screen below. */
export const twoColumns = {
  display: 'grid',
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '292px minmax(0, 1fr)' },
  gap: 3,
  height: '100%',
  minHeight: 0,
  pb: 2,
} as const;
