import type { Entry } from './entry';
import type { Form, Marking, Paper } from './useMarking';

/** A typed line as it is known at once: what is to be kept, who comes next, or what is wrong with it. */
export type Known =
  | { kind: 'entry'; entry: Omit<Entry, 'key' | 'by' | 'at'>; movesOn: boolean }
  | { kind: 'name'; goTo: number }
  | { kind: 'fault'; fault: string };

const signs: Record<string, string> = {
  blank: '–',
  unclear: '?',
  right: '✓',
  'not-reached': '/',
  'taken-out': '',
};

/** Tells which of the server's forms a line has; the server reads what it means. */
export function knownAs(typed: string, forms: Form[], paper: Paper, marking: Marking): Known {
  const line = typed.trim();
  for (const form of forms) {
    const found = new RegExp(form.pattern).exec(line);
    if (found) {
      return ofForm(form, line, found.groups ?? {}, paper, marking);
    }
  }
  const { example } = forms.find((form) => form.id === 'answer') ?? { example: '' };
  return {
    kind: 'fault',
    fault: `“${line}” is no answer and no sign. Type the question and what stands there, like ${example.split(' >')[0]}.`,
  };
}

function ofForm(
  form: Form,
  line: string,
  parts: Record<string, string | undefined>,
  paper: Paper,
  marking: Marking,
): Known {
  if (form.id === 'name') {
    const beginning = (parts.name ?? '').trim().toLowerCase();
    const goTo = marking.papers.findIndex((each) => each.pupil.name.toLowerCase().startsWith(beginning));
    return goTo < 0
      ? { kind: 'fault', fault: `Nobody in this pile has a name that begins with “${line}”.` }
      : { kind: 'name', goTo };
  }
  const question = parts.question === undefined ? undefined : Number(parts.question);
  const questions = marking.sheets.find((sheet) => sheet.code === paper.sheet)?.questions.length ?? 0;
  if (question !== undefined && (question < 1 || question > questions)) {
    return {
      kind: 'fault',
      fault: `The sheet has questions 1 to ${questions}, and no question ${question}.`,
    };
  }
  return {
    kind: 'entry',
    movesOn: form.movesOn && !(form.id === 'absent' && paper.absent),
    entry: {
      pupil: paper.pupil.id,
      line,
      question,
      shown:
        form.id === 'method-marks' ? `${parts.given} marks` : (signs[form.id] ?? parts.given ?? parts.letter),
      seen: question === undefined ? undefined : revision(paper, question),
      says: line,
    },
  };
}

/** What was taken back, in a sentence. */
export function takenBack(back: Entry | undefined, marking: Marking) {
  const paper = marking.papers.find((each) => each.pupil.id === back?.pupil);
  return back ? `Taken back: ${paper?.pupil.name}, ${back.says}.` : 'There is nothing to take back.';
}

const revision = (paper: Paper, question: number) =>
  paper.answers.find((answer) => answer.question === question)?.revision ?? 0;
