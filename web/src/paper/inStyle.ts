import { useStyle } from './usePaper';

/** A stored problem, which has points, as it is written in a house style; what is asked in that style is read so too. */
export const inStyle = (problem: string, chosen: Record<string, string> | undefined) =>
  chosen?.point === 'comma' ? problem.replaceAll('.', ',') : problem;

/** Writes stored problems as the teacher does. */
export function useInStyle() {
  const style = useStyle();
  return (problem: string) => inStyle(problem, style.data?.chosen);
}
