import { api, ask, type Schemas } from '../api/client';

export type ReportKind =
  'pupil' | 'class' | 'stand-in' | 'next-teacher' | 'work' | 'key' | 'strips' | 'marks';

type Report = {
  title: string;
  says: string;
  pages: (id: number) => Promise<Schemas['ReportView'] | Schemas['WordedView']>;
  file: (id: number) => string;
  /** Where one came from. */
  back: (id: number) => string;
  backTo?: string;
  /** What the teacher's own words on it are for. */
  asks?: string;
};

const of = (id: number) => ({ params: { path: { id } } });

/** What can be printed of a pupil, a class or a pile. */
export const reports: Record<ReportKind, Report> = {
  pupil: {
    title: 'For a talk with parents',
    says: 'What goes well, the one thing being worked on, own work, and two minutes for home; in words for somebody who never taught.',
    pages: (id) => ask(api.GET('/api/pupils/{id}/report', of(id))),
    file: (id) => `/api/pupils/${id}/report.pdf`,
    back: (id) => `/pupils/${id}`,
  },
  work: {
    title: 'To judge together',
    says: 'Unaided work with two judgements side by side, and lines to write on where one is missing.',
    pages: (id) => ask(api.GET('/api/pupils/{id}/work/pages', of(id))),
    file: (id) => `/api/pupils/${id}/work.pdf`,
    back: (id) => `/pupils/${id}/work`,
    backTo: 'Back to the work',
    asks: 'What to look for: your criteria, printed first',
  },
  class: {
    title: 'For the head',
    says: 'How many children are where. No child is named.',
    pages: (id) => ask(api.GET('/api/classes/{id}/report', of(id))),
    file: (id) => `/api/classes/${id}/report.pdf`,
    back: (id) => `/classes/${id}`,
  },
  'stand-in': {
    title: 'For a stand-in',
    says: 'The next lesson with its questions and answers, who sits with whom, and the way you write it. Nothing of anybody’s past.',
    pages: (id) => ask(api.GET('/api/classes/{id}/stand-in', of(id))),
    file: (id) => `/api/classes/${id}/stand-in.pdf`,
    back: (id) => `/classes/${id}`,
  },
  'next-teacher': {
    title: 'For the next teacher',
    says: 'How it was taught, who knows what, habits to know, and each child in a few lines.',
    pages: (id) => ask(api.GET('/api/classes/{id}/next-teacher', of(id))),
    file: (id) => `/api/classes/${id}/next-teacher.pdf`,
    back: (id) => `/classes/${id}`,
  },
  key: {
    title: 'Marking key',
    says: 'For the books and a red pen: write the letter beside a wrong answer, and type it later as 7 b.',
    pages: (id) => ask(api.GET('/api/markings/{id}/key/pages', of(id))),
    file: (id) => `/api/markings/${id}/key.pdf`,
    back: (id) => `/marking/${id}`,
    backTo: 'Back to the pile',
  },
  marks: {
    title: 'Marks',
    says: 'What each paper came to, for the mark book.',
    pages: (id) => ask(api.GET('/api/markings/{id}/marks/pages', of(id))),
    file: (id) => `/api/markings/${id}/marks.pdf`,
    back: (id) => `/marking/${id}`,
    backTo: 'Back to the pile',
  },
  strips: {
    title: 'Strips to cut off',
    says: 'One for each child: what went well, one thing to do, and where something was wrong, their own sum to put right.',
    pages: (id) => ask(api.GET('/api/markings/{id}/strips/pages', of(id))),
    file: (id) => `/api/markings/${id}/strips.pdf`,
    back: (id) => `/marking/${id}`,
    backTo: 'Back to the pile',
  },
};
