export type Asked = { problem: string; given: string };

/** Whom one more question is for, with what they have answered. */
export type AskState = { pupil: string; operation: string; asked: Asked[]; back: string };
