/** A stored problem, which has points, as it is written in a house style; what is asked in that style is read so too. */
export const inStyle = (problem: string, chosen: Record<string, string> | undefined) =>
  chosen?.point === 'comma' ? problem.replaceAll('.', ',') : problem;
