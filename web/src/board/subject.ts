import type { Schemas } from '../api/client';
import type { Asking } from './asking';

/** A place in a lesson: which of its items, and which step. */
export type Reached = { item: number; step: number };

/** What is handed over to the board. */
export type BoardState = {
  /** The problems of the lesson, in their order. */
  works: Schemas['WorkRequest'][];
  /** The problem to begin with. */
  at: number;
  step: number;
  /** Where one leaves to. */
  back: string;
  /** Where one was when the page was loaded anew. */
  reached?: Reached;
  /** The lesson that is taught, in place of single problems. */
  lesson?: string;
};

/** What a working on the board is about. */
export type Subject = {
  /** Tells it from every other. */
  key: string;
  /** The problem of the lesson, whatever is looked for in it. */
  problem: string;
  work?: Schemas['WorkRequest'];
  looking: '' | 'mistake' | 'odd';
  /** Whether it begins with all of its working, and not with the first step. */
  isWhole: boolean;
  asking?: Asking;
};
