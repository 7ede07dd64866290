import type { Schemas } from '../api/client';

type Step = Schemas['StepView'];
type Mark = Schemas['MarkView'];

/** What the class is asked for. */
export const askings = ['nothing', 'all', 'carries', 'answer'] as const;
export type Asking = (typeof askings)[number];

export const askingWords: Record<Asking, string> = {
  nothing: '',
  all: 'asking every step',
  carries: 'asking only what is carried or exchanged',
  answer: 'asking only the last line',
};

const places: Record<Asking, (step: Step) => number[]> = {
  nothing: () => [],
  all: (step) => step.asked,
  carries: (step) => step.small,
  answer: (step) => step.answers,
};

/** The marks of a step that the class is asked for, as the server lists them. */
export function askedMarks(step: Step | undefined, marks: Mark[], asking: Asking): Mark[] {
  return step
    ? places[asking](step)
        .map((index) => marks[index])
        .filter((mark) => mark !== undefined)
    : [];
}
