const inWords = (moment: Date, more: Intl.DateTimeFormatOptions) =>
  moment.toLocaleString('en-GB', { day: 'numeric', month: 'short', ...more });

/** The year, where it is not this one. */
const yearOf = (moment: Date) => (moment.getFullYear() === new Date().getFullYear() ? undefined : 'numeric');

/** A day of these weeks as it is said: Tue 3 Nov. */
export const dayInWords = (day: string) => inWords(new Date(`${day}T12:00:00`), { weekday: 'short' });

/** The day of a moment, here: Tue 3 Nov. */
export const dayOfMomentInWords = (moment: string) => {
  const day = new Date(moment);
  return inWords(day, { weekday: 'short', year: yearOf(day) });
};

/** A moment, here: 3 Nov, 14:05. */
export const momentInWords = (moment: string) => {
  const time = new Date(moment);
  return inWords(time, { year: yearOf(time), hour: '2-digit', minute: '2-digit' });
};
