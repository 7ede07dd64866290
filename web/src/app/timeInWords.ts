const inWords = (moment: Date, more: Intl.DateTimeFormatOptions) =>
  moment.toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: moment.getFullYear() === new Date().getFullYear() ? undefined : 'numeric',
    ...more,
  });

/** A day as it is said: Tue 3 Nov; of another year with the year. */
export const dayInWords = (day: string) => inWords(new Date(`${day}T12:00:00`), { weekday: 'short' });

/** The day of a moment, here: Tue 3 Nov. */
export const dayOfMomentInWords = (moment: string) => inWords(new Date(moment), { weekday: 'short' });

/** A moment, here: 3 Nov, 14:05. */
export const momentInWords = (moment: string) =>
  inWords(new Date(moment), { hour: '2-digit', minute: '2-digit' });
