import type { Schemas } from '../api/client';

/** Something typed for a pupil's paper; it belongs to that pupil from the moment of Enter. */
export type Entry = {
  /** Made here: the server does what comes under one key once, however often it is sent. */
  key: string;
  /** The window it was typed in; a reload does not change it. */
  by: string;
  /** When it was typed: entries are sent in this order. */
  at: number;
  pupil: number;
  /** What was typed; nothing where a cause was decided, or an entry is taken back. */
  line?: string;
  cause?: string;
  questions?: number[];
  /** The entry that this takes back. */
  undoes?: string;
  /** The question it is about, where it is one. */
  question?: number;
  /** What stands there from now on, as far as can be told here. */
  shown?: string;
  /** The revision of the answer over which it was typed. */
  seen?: number;
  /** One's own entry for the same question before this one. */
  follows?: string;
  /** How it is told of. */
  says: string;
  /** Whether it was sent: the server may have it, though nothing was heard. */
  tried?: boolean;
  /** Why the server did not take it. */
  refused?: string;
  /** What another window has kept there meanwhile; nothing stands in it where the answer was taken out. */
  other?: { theirs?: Schemas['AnswerContent'] };
};

export type Pile = {
  /** What is not yet kept, in the order in which it was typed. */
  waiting: Entry[];
  /** What was kept, the last at the end: what can be taken back. */
  done: Entry[];
  /** Why nothing can be kept just now. */
  trouble?: string;
};

/** What sends an entry, and what is told when it was taken. */
export type Sender = {
  send: (marking: number, entry: Entry) => Promise<void>;
  emptied: (marking: number) => void;
};
