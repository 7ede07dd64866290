import type { Plan } from './usePlan';

type Days = Plan['days'];
type Pupil = Plan['idle'][number];

/** A pupil who was pressed, with the day they were pressed on; no day where nothing is planned for them. */
export type Taken = { pupil: Pupil; date?: string };

/** The week with the pupil taken out of that day; a group without pupils goes. */
export const withoutPupil = (days: Days, { pupil, date }: Taken): Days =>
  days.map((day) =>
    day.date === date
      ? {
          ...day,
          groups: day.groups
            .map((group) => ({ ...group, pupils: group.pupils.filter((each) => each.id !== pupil.id) }))
            .filter((group) => group.pupils.length > 0),
        }
      : day,
  );

/** The week with the pupil moved from where they were pressed into another group. */
export const intoGroup = (days: Days, taken: Taken, key: string): Days =>
  withoutPupil(days, taken).map((day) => ({
    ...day,
    groups: day.groups.map((group) =>
      group.key === key
        ? { ...group, pupils: [...group.pupils.filter((each) => each.id !== taken.pupil.id), taken.pupil] }
        : group,
    ),
  }));

/** The week with a group moved to another day. */
export function toDay(days: Days, key: string, date: string): Days {
  const group = days.flatMap((day) => day.groups).find((each) => each.key === key);
  return days.map((day) => ({
    ...day,
    groups: [
      ...day.groups.filter((each) => each.key !== key),
      ...(day.date === date && group ? [group] : []),
    ],
  }));
}
