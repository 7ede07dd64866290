import type { Schemas } from '../api/client';
export type Asked = { problem: string; given: string };

/** Whom one more question is for, with what they have answered. */
export type AskState = { pupil: string; operation: Schemas['Operation']; asked: Asked[]; back: string };
