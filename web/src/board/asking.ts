import type { Schemas } from '../api/client';

type Step = Schemas['StepView'];

/** A mark that the class is asked for, with the keys that answer it. */
export type Asked = { mark: Schemas['MarkView']; keys: string[] };

/** What the class is asked for. */
export const askings = ['nothing', 'all', 'carries', 'answer'] as const;
export type Asking = (typeof askings)[number];

export const askingWords: Record<Asking, string> = {
  nothing: '',
  all: 'asking every step',
  carries: 'asking only what is carried or exchanged',
  answer: 'asking only the last line',
};

const asked: Record<Asking, (step: Step) => Schemas['AskedView'][]> = {
  nothing: () => [],
  all: (step) => step.asked,
  carries: (step) => step.small,
  answer: (step) => step.answers,
};

/** Whether the class decides in a step before it is worked: enough, a ten, does it go. It says yes or no; nothing is written. */
export const isDecided = (step: Step | undefined, asking: Asking) =>
  step?.kind === 'decide' && (asking === 'all' || asking === 'carries');

/** What the class is asked for in a step, as the server lists it. */
export function askedOf(step: Step | undefined, marks: Schemas['MarkView'][], asking: Asking): Asked[] {
  return step
    ? asked[asking](step).flatMap((each) => {
        const mark = marks[each.mark];
        return mark ? [{ mark, keys: each.keys }] : [];
      })
    : [];
}
