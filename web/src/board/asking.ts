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

const figures = ['digit', 'number'];
const notAsked = ['given', 'padding', 'frame'];
const small = ['carry', 'exchange'];

/** The marks of a step that the class is asked for. */
export function askedMarks(step: Step | undefined, marks: Mark[], asking: Asking): Mark[] {
  if (!step || asking === 'nothing') {
    return [];
  }
  return step.marks
    .filter((index) => asking !== 'answer' || step.answers.includes(index))
    .map((index) => marks[index])
    .filter((mark) => mark !== undefined)
    .filter((mark) => figures.includes(mark.kind) && !notAsked.includes(mark.role))
    .filter((mark) => asking !== 'carries' || small.includes(mark.role));
}
