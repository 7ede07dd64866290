import { useState } from 'react';
import type { Schemas } from '../api/client';
import { beyond } from '../paper/useSteps';
import type { Subject } from './subject';
import { askedOf, askings, isDecided, type Asking } from './asking';
import { useBoardKeys, type BoardKeys } from './useBoardKeys';
import type { Lesson } from './useLesson';
import type { Mistake } from './useMistake';

type Sheet = 'help' | 'facts' | 'pictures';

type BoardStep = Schemas['WorkResponse']['steps'][number];

/** How far a subject has come: its step, whether that is asked, and what the class has answered. */
type Place = { of: string; at: number; waiting: boolean; typed: string };

/** A subject's place before anything was done; put right, the whole right working stands alone. */
const begun = (subject: Subject): Place => ({
  of: subject.key,
  at: subject.isWhole ? beyond : 1,
  waiting: false,
  typed: '',
});

const isSameColumn = (one: BoardStep | undefined, other: BoardStep | undefined) =>
  one?.place !== undefined && one.place === other?.place && one.part === other.part;

const contrastKept = 'bemble.board.contrast';

/**
 * A lesson on the board: forward and back through the steps and, when asking, each step's question before it,
 * with what the class has answered so far.
 */
export function useBoard(
  worked: Schemas['WorkResponse'],
  startAt: number,
  subject: Subject,
  lesson: Lesson,
  mistake: Mistake,
  onLeave: (step: number) => void,
) {
  const { steps } = worked;
  const [place, setPlace] = useState<Place>({ of: subject.key, at: startAt, waiting: false, typed: '' });
  const [chosen, setChosen] = useState<{ of: string; asking: Asking }>();
  const [contrast, setContrast] = useState(() => localStorage.getItem(contrastKept) === 'strong');
  const [open, setOpen] = useState<Sheet>();
  const [picture, setPicture] = useState('');
  const [isBeside, setBeside] = useState(false);
  const lastOfWork = steps.findLast((step) => step.part === 'work')?.n ?? 1;
  const { at, waiting, typed } = place.of === subject.key ? place : begun(subject);
  const asking =
    (chosen?.of === subject.problem ? chosen.asking : subject.asking) ?? chosen?.asking ?? 'nothing';
  const current = at > steps.length ? lastOfWork : at;
  const next = steps[current];
  const asked = askedOf(next, worked.sheet.marks, asking);
  const keys = asked.flatMap((each) => each.keys);
  const wrong = typed !== '' && typed.at(-1) !== keys[typed.length - 1];

  const become = (change: Partial<Place>) => setPlace({ of: subject.key, at, waiting, typed, ...change });
  const goTo = (n: number, isWaiting = false) =>
    become({ at: Math.max(1, Math.min(n, steps.length)), waiting: isWaiting, typed: '' });

  const isAsked = (step: BoardStep | undefined) =>
    isDecided(step, asking) || askedOf(step, worked.sheet.marks, asking).length > 0;

  const forward = () => {
    if (isAsked(next) && !waiting) {
      become({ waiting: true });
    } else if (current < steps.length) {
      goTo(current + 1);
    } else if (subject.looking === '') {
      lesson.next();
    } else if (lesson.part) {
      // A clicker goes on by itself through what one looks for: ringed, put right, and to what comes next.
      if (mistake.ringed || subject.looking === 'odd') {
        mistake.putRight();
      } else {
        mistake.ring();
      }
    }
  };
  /** A column in doubt is asked for again, from its first step. */
  const askAgain = () => {
    const here = steps[current - 1];
    let first = current;
    while (first > 1 && isSameColumn(steps[first - 2], here)) {
      first--;
    }
    goTo(first - 1, first > 1 && isAsked(steps[first - 1]));
  };
  const back = () => (waiting ? goTo(current) : goTo(current - 1));
  const answer = (digit: string) => {
    if (wrong) {
      return;
    }
    if (typed.length + 1 === keys.length && digit === keys[typed.length]) {
      goTo(current + 1);
    } else {
      become({ typed: typed + digit });
    }
  };
  const toggle = (sheet: Sheet) => setOpen(open === sheet ? undefined : sheet);
  const changeContrast = () => {
    localStorage.setItem(contrastKept, contrast ? 'usual' : 'strong');
    setContrast(!contrast);
  };
  const leave = () => {
    if (open || mistake.choosing) {
      setOpen(undefined);
      mistake.close();
    } else {
      onLeave(current);
    }
  };

  const boardKeys: BoardKeys = {
    ArrowRight: forward,
    ' ': forward,
    PageDown: forward,
    ArrowLeft: back,
    PageUp: back,
    Home: () => goTo(1),
    End: () => goTo(lastOfWork),
    Escape: leave,
    n: lesson.next,
    b: lesson.previous,
    l: lesson.another,
    s: lesson.skip,
    v: () => toggle('pictures'),
    f: () => toggle('facts'),
    m: mistake.open,
    r: subject.looking === '' ? askAgain : mistake.ring,
    x: mistake.strike,
    w: () => setBeside(!isBeside),
    p: mistake.putRight,
    Backspace: () => become({ typed: typed.slice(0, -1) }),
    a: () => {
      const other = askings[(askings.indexOf(asking) + 1) % askings.length] ?? 'nothing';
      setChosen({ of: subject.problem, asking: other });
      goTo(current);
    },
    c: changeContrast,
    '?': () => toggle('help'),
  };
  useBoardKeys(boardKeys, (key) => {
    if (waiting && isDecided(next, asking) && /^[yn]$/i.test(key)) {
      forward();
      return true;
    }
    const isAnswer = waiting && /^\d$/.test(key);
    if (isAnswer) {
      answer(key);
    }
    return isAnswer;
  });

  return {
    current,
    lastOfWork,
    asking,
    asked: waiting ? asked : [],
    waiting,
    decides: waiting && isDecided(next, asking),
    typed,
    wrong,
    contrast,
    open,
    picture,
    /** Whether the right working stands beside the one with the mistake. */
    isBeside: isBeside && subject.looking === 'mistake',
    next,
    forward,
    keys: boardKeys,
    help: () => toggle('help'),
    close: () => setOpen(undefined),
    choosePicture: (kind: string) => {
      setPicture(kind);
      setOpen(undefined);
    },
  };
}

export type BoardNow = ReturnType<typeof useBoard>;
