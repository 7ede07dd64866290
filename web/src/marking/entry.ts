import type { Schemas } from '../api/client';
import type { AnswerContent, Change, Marking, Paper } from './useMarking';

/** What a typed line means for a paper: what is to be kept, whether the next pupil comes, or what is wrong with it. */
export type Entry = { changes: Change[]; next?: boolean; goTo?: number } | { fault: string };

const plain: AnswerContent = { state: 'right', given: '', correction: '', how: '' };

/**
 * Reads a typed line: `7 3152` an answer, `7 3152 > 3655` with the pupil's correction, `7 -` left blank, `7 ?` nobody
 * can read, `7 = :h` right but helped, `12 /` not reached from there, `7 b` an answer by its code on the key, `=` the rest is right, `!` absent, `#K7PT-B` another sheet.
 */
export function readEntry(line: string, paper: Paper, marking: Marking, key?: Schemas['KeyView']): Entry {
  const typed = line.trim();
  const pupil = paper.pupil.id;
  const questions = marking.sheets.find((sheet) => sheet.code === paper.sheet)?.questions.length ?? 0;
  const allRight = /^=\s*(?::\s*(\S{1,20}))?$/.exec(typed);
  if (allRight) {
    return { changes: [{ kind: 'rest', pupil, state: 'right', how: allRight[1] }], next: true };
  }
  if (typed === '/') {
    return { changes: [{ kind: 'rest', pupil, state: 'not-reached' }], next: true };
  }
  if (typed === '!') {
    return { changes: [{ kind: 'paper', pupil, absent: !paper.absent }], next: !paper.absent };
  }
  const sheet = /^#\s*(\S{4,12})$/.exec(typed)?.[1];
  if (sheet) {
    return { changes: [{ kind: 'paper', pupil, sheet, absent: paper.absent }] };
  }
  const parts = /^(\d{1,3})(?:[ .:]+(.*))?$/.exec(typed);
  if (!parts) {
    return byName(typed, marking);
  }
  const question = Number(parts[1]);
  const rest = (parts[2] ?? '').trim();
  if (question < 1 || question > questions) {
    return { fault: `The sheet has questions 1 to ${questions}, and no question ${parts[1]}.` };
  }
  const answer = (content: Partial<AnswerContent>): Entry => ({
    changes: [{ kind: 'answer', pupil, question, content: { ...plain, ...content } }],
  });
  const rightSo = /^=\s*:\s*(\S{1,20})$/.exec(rest);
  if (rightSo) {
    return answer({ state: 'right', how: rightSo[1] });
  }
  switch (rest) {
    case '':
      return {
        fault: `Type what stands there after the ${question}: an answer, - for blank, ? for unreadable.`,
      };
    case '-':
      return answer({ state: 'blank' });
    case '?':
      return answer({ state: 'unclear' });
    case '=':
      return answer({ state: 'right' });
    case '/':
      return {
        changes: Array.from({ length: questions - question + 1 }, (_, i) => i + question)
          .filter((each) => each === question || !paper.answers.some((there) => there.question === each))
          .map((each) => ({
            kind: 'answer' as const,
            pupil,
            question: each,
            content: { ...plain, state: 'not-reached' },
          })),
      };
    default:
      return /^[a-z]$/i.test(rest)
        ? byCode(rest.toLowerCase(), paper.sheet, question, answer, key)
        : written(rest, answer);
  }
}

function written(rest: string, answer: (content: Partial<AnswerContent>) => Entry): Entry {
  const how = /^(.*?)\s*:\s*(\S{1,20})$/.exec(rest);
  const [given, correction] = (how?.[1] ?? rest).split('>').map((part) => part.trim());
  if (!/\d/.test(given ?? '')) {
    return {
      fault: `“${rest}” is no answer. Type a number, - for blank, ? for unreadable, or a letter of the key.`,
    };
  }
  return answer({ state: 'given', given, correction: correction ?? '', how: how?.[2] ?? '' });
}

function byCode(
  code: string,
  sheet: string,
  question: number,
  answer: (content: Partial<AnswerContent>) => Entry,
  key?: Schemas['KeyView'],
): Entry {
  const lines = key?.sheets.find((each) => each.code === sheet)?.lines;
  const wrong = lines?.[question - 1]?.wrong.find((each) => each.codes.includes(code));
  const cause = key?.codes.find((each) => each.code === code)?.slips[0];
  return wrong && cause
    ? answer({ state: 'given', given: wrong.answer, cause })
    : { fault: `The key has no code ${code} for question ${question}. Type the answer instead.` };
}

function byName(typed: string, marking: Marking): Entry {
  const lower = typed.toLowerCase();
  const found = marking.papers.findIndex((paper) => paper.pupil.name.toLowerCase().startsWith(lower));
  return typed !== '' && found >= 0
    ? { changes: [], goTo: found }
    : {
        fault: `“${typed}” is neither a question with its answer, like 7 3152, nor the beginning of a name.`,
      };
}

/** What brings a paper back to what it was before a change. */
export function inverse(change: Change, before: Paper, after: Paper): Change[] {
  if (change.kind === 'paper') {
    return [
      {
        kind: 'paper',
        pupil: change.pupil,
        sheet: before.sheet,
        absent: before.absent,
      },
    ];
  }
  const changed = after.answers.filter(
    (answer) => JSON.stringify(content(answer)) !== JSON.stringify(there(before, answer.question)),
  );
  const removed = before.answers.filter(
    (answer) => !after.answers.some((each) => each.question === answer.question),
  );
  return [...changed.map((answer) => answer.question), ...removed.map((answer) => answer.question)].map(
    (question) => {
      const was = there(before, question);
      return was
        ? { kind: 'answer', pupil: change.pupil, question, content: was }
        : { kind: 'remove', pupil: change.pupil, question };
    },
  );
}

const there = (paper: Paper, question: number) => {
  const answer = paper.answers.find((each) => each.question === question);
  return answer && content(answer);
};

/** What was kept of an answer, to keep it again. */
export const content = (answer: Paper['answers'][number]): AnswerContent => ({
  state: answer.state,
  given: answer.given,
  correction: answer.correction,
  how: answer.how,
  cause: answer.cause,
});
