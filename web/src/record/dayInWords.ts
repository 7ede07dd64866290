/** A day as it is said: Tue 3 Nov. */
export const dayInWords = (day: string) =>
  new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  });
