/**
 * Under which keys answers of the server are held, feature by feature. What begins with the key of another is held anew with it:
 * whoever changes a pile asks for `keys.markings.one(id)` again, and its class goes with it.
 */
export const keys = {
  classes: {
    all: ['classes'],
    former: (id: number) => ['classes', id, 'former'],
    whatGoes: (id: number | undefined) => ['what goes', id],
  },
  diagnosis: {
    fits: (...asked: unknown[]) => ['diagnose', ...asked],
  },
  guide: ['guide'],
  background: ['work behind the screens'],
  howWeWriteIt: {
    all: ['how we write it'],
    examples: ['how we write it', 'examples'],
    of: (problem: unknown) => ['how we write it', problem],
  },
  /** What a pupil sees who came in at a screen. */
  in: {
    all: ['in'],
    paper: (id: number) => ['in', id],
    next: (id: number, paper: unknown) => ['in', id, 'next', paper],
    squares: (id: number) => ['in', id, 'squares'],
  },
  lesson: (source: string) => ['lesson', source],
  log: {
    all: ['log'],
    deleted: (most: number) => ['log', 'deleted', most],
    entry: (id: number | undefined) => ['log', 'entry', id],
    list: (...wanted: unknown[]) => ['log', 'list', ...wanted],
  },
  markings: {
    all: ['markings'],
    list: (search: string) => ['markings', search],
    one: (id: number) => ['marking', id],
    ofClass: (id: number) => ['marking', id, 'class'],
    feedback: (id: number) => ['marking', id, 'feedback'],
    lineForms: ['line forms'],
    scans: (id: number) => ['scans', id],
    scan: (id: number, scan: number | undefined) => ['scans', id, scan],
  },
  papers: {
    one: (id: number) => ['attempt', id],
    marked: (paper: unknown) => ['marked', paper],
    next: (paper: unknown) => ['next', paper],
    runs: ['run'],
    run: (run: string) => ['run', run],
    toWriteOn: (...asked: unknown[]) => ['paper', ...asked],
  },
  pieces: (pupil: number) => ['pieces', pupil],
  plan: {
    everywhere: ['plan'],
    all: (classId: number) => ['plan', classId],
    week: (classId: number, week: string | undefined) => ['plan', classId, week],
    term: (classId: number) => ['term', classId],
  },
  preferences: ['preferences'],
  records: {
    all: ['record'],
    classes: ['record', 'class'],
    ofClass: (id: number) => ['record', 'class', id],
    pupil: (id: number) => ['record', 'pupil', id],
    steps: (...wanted: unknown[]) => ['record', 'steps', ...wanted],
    facts: (whose: unknown) => ['record', 'facts', whose],
    stairs: (id: number) => ['record', 'stairs', id],
  },
  report: (kind: string, id: number) => ['report', kind, id],
  rules: ['rules'],
  scanFolder: ['scan folder'],
  screens: {
    all: ['screens'],
    one: (id: number) => ['screens', id],
    ofClass: (id: number | undefined) => ['screens', 'of class', id],
    address: ['screens', 'address'],
  },
  sets: {
    all: ['sets'],
    lists: ['sets', 'list'],
    list: (...wanted: unknown[]) => ['sets', 'list', ...wanted],
    one: (id: number | undefined) => ['sets', 'one', id],
    prints: (id: number) => ['sets', 'prints', id],
    pages: (...wanted: unknown[]) => ['sets', 'pages', ...wanted],
    ladders: ['ladders'],
  },
  sheet: { geometry: ['geometry'] },
  style: ['style'],
  styleExamples: ['examples of the style'],
  today: ['today'],
  work: {
    of: (work: unknown) => ['work', work],
    onBoard: (subject: unknown, work: unknown) => ['on the board', subject, work],
    facts: (find: unknown) => ['facts', find],
    slips: (work: unknown) => ['slips', work],
    shown: (slip: string, operation: string) => ['slip shown', slip, operation],
    explanation: (work: unknown) => ['explanation', work],
    pictures: (work: unknown) => ['pictures', work],
    ways: ['ways'],
  },
};

/** What is worked out from marked papers: each of these, for whomever it is. */
const worked = [
  keys.records.all,
  keys.plan.everywhere,
  keys.plan.term(0),
  keys.today,
  keys.report('', 0),
  keys.pieces(0),
  keys.markings.all,
  keys.markings.ofClass(0),
  keys.classes.whatGoes(0),
];

/** Whether an answer held under a key follows from marked papers, and is asked for anew after one was marked. */
export const followsFromMarks = (key: readonly unknown[]) =>
  worked.some((each) =>
    each.every((part, i) => (part === 0 || part === '' ? i < key.length : part === key[i])),
  );
