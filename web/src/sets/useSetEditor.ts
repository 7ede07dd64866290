import { useState } from 'react';
import { useKeepSet, type Question, type SetContent, type SetQuestion, type SetView } from './useSets';

/** What is known of questions, each found by its problem. */
export const byProblem = (questions: Question[]): Record<string, Question> =>
  Object.fromEntries(questions.map((question) => [question.text, question]));

/** A set while it is worked on: every change is kept at once, and can be undone. */
export function useSetEditor(view: SetView) {
  const [content, setContent] = useState(view.content);
  const [before, setBefore] = useState<SetContent[]>([]);
  const [known, setKnown] = useState(() => byProblem(view.questions));
  const keep = useKeepSet(view);

  const put = (next: SetContent) => {
    setContent(next);
    keep.mutate(next, { onSuccess: (kept) => setKnown((all) => ({ ...byProblem(kept.questions), ...all })) });
  };
  const change = (changes: Partial<SetContent>) => {
    setBefore([...before.slice(-49), content]);
    put({ ...content, ...changes });
  };
  const learn = (questions: Question[]): SetQuestion[] => {
    setKnown((all) => ({ ...all, ...byProblem(questions) }));
    return questions.map(({ text }) => ({ problem: text, story: '', part: 'alone' }));
  };
  const questions = (next: SetQuestion[]) => change({ questions: next });

  return {
    id: view.id,
    content,
    known,
    change,
    keep,
    minutes: view.minutes,
    /** Takes what another window saved. */
    takeTheirs: (theirs: SetView) => {
      keep.settle(theirs);
      setBefore([...before, content]);
      setContent(theirs.content);
      setKnown((all) => ({ ...all, ...byProblem(theirs.questions) }));
    },
    /** Saves what is here over it. */
    keepMine: (theirs: SetView) => {
      keep.settle(theirs);
      put(content);
    },
    canUndo: before.length > 0,
    undo: () => {
      const last = before.at(-1);
      if (last) {
        setBefore(before.slice(0, -1));
        put(last);
      }
    },
    replaceAll: (drawn: Question[], design: Partial<SetContent>) =>
      change({ ...design, questions: learn(drawn) }),
    add: (more: Question[]) => questions([...content.questions, ...learn(more)]),
    set: (at: number, changes: Partial<SetQuestion>) =>
      questions(content.questions.map((each, i) => (i === at ? { ...each, ...changes } : each))),
    /** @param story what is told of it with its new numbers */
    renew: (at: number, question: Question, story: string) => {
      const [fresh] = learn([question]);
      questions(
        content.questions.map((each, i) =>
          i === at && fresh ? { ...each, problem: fresh.problem, story } : each,
        ),
      );
    },
    remove: (at: number) => questions(content.questions.filter((_, i) => i !== at)),
    move: (from: number, to: number) => {
      const moved = content.questions[from];
      if (moved && to >= 0 && to < content.questions.length) {
        const rest = content.questions.filter((_, i) => i !== from);
        questions([...rest.slice(0, to), moved, ...rest.slice(to)]);
      }
    },
  };
}

export type SetEditor = ReturnType<typeof useSetEditor>;
