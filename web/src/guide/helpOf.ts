/** What a screen's keys do and what its words mean, with the page of the guide that says more. */
export type Help = { title: string; page: string; keys: [string, string][]; words: [string, string][] };

const everywhere: [string, string][] = [
  ['?', 'this help'],
  ['Tab', 'to what comes next'],
];
const signs: [string, string][] = [
  ['not tried', 'nothing of it is marked yet'],
  ['learning', 'some of it is right, or a slip still shows'],
  ['secure', 'nine of the last ten right over a week, or twelve in a row on two days, or a quiz passed'],
  ['due', 'it was secure and comes back, to see whether it is still there'],
  ['a slip shows', 'the same slip came more than once lately'],
];

/** In the order in which they are tried; the first whose address fits is meant. */
const helps: [RegExp, Help][] = [
  [
    /^\/today|^\/begin/,
    {
      title: 'Today',
      page: 'first-evening',
      keys: [['0 … 9', 'begins a sum to work']],
      words: [
        ['with you', 'the group to sit with'],
        ['alone', 'the others, each with their sheet'],
        ['due again', 'children for whom something comes back'],
      ],
    },
  ],
  [
    /^\/paper/,
    {
      title: 'Paper',
      page: 'show',
      keys: [
        ['→  Space', 'the next step'],
        ['←', 'a step back'],
        ['Home  End', 'the beginning, the finished sum'],
        ['p', 'plays the steps'],
        ['Esc', 'to the problem'],
      ],
      words: [['check', 'another sum that shows whether the answer is right']],
    },
  ],
  [
    /^\/lessons\//,
    {
      title: 'Lesson',
      page: 'lesson',
      keys: [['b', 'opens it on the board']],
      words: [
        ['I do', 'you work it, the class watches'],
        ['We do', 'the board asks, the class says each figure'],
        ['You try', 'a child writes on the board'],
      ],
    },
  ],
  [
    /^\/write\/./,
    {
      title: 'Write',
      page: 'write',
      keys: [
        ['0 … 9', 'a figure, along the line'],
        ['arrows', 'to another square'],
        ['Enter', 'the next line'],
        ['.', 'a small figure'],
        ['-', 'strikes out'],
        ['Backspace', 'rubs out'],
        ['Ctrl+Z  Ctrl+Y', 'undo, redo'],
        ['h', 'help'],
        ['Ctrl+Enter', 'done'],
      ],
      words: [
        ['✓', 'right'],
        ['→', 'follows rightly from an earlier mistake'],
        ['✗', 'wrong'],
        ['⬚', 'missing'],
      ],
    },
  ],
  [
    /^\/write/,
    { title: 'Write', page: 'write', keys: [], words: [['led', 'the square that comes next is shown']] },
  ],
  [
    /^\/sets/,
    {
      title: 'Practice sets',
      page: 'sheets',
      keys: [],
      words: [
        ['step', 'a small one that adds one thing to what came before'],
        ['draw number', 'the same number draws the same questions again'],
        ['telling slips apart', 'different mistakes give different answers'],
        ['version', 'the same questions with other numbers'],
      ],
    },
  ],
  [
    /^\/marking\/|^\/ask/,
    {
      title: 'Marking',
      page: 'mark',
      keys: [
        ['7 3152', 'question 7 has 3152'],
        ['=', 'the rest is right, next paper'],
        ['/', 'the rest was not reached'],
        ['7 -', 'left blank'],
        ['7 ?', 'cannot be read'],
        ['!', 'absent'],
        ['Ida', 'to the paper of Ida'],
      ],
      words: [
        ['likeliest', 'the slip that fits what stands there best'],
        ['confirmed', 'you said so; only this is told to others'],
      ],
    },
  ],
  [
    /^\/marking/,
    {
      title: 'Marking',
      page: 'mark',
      keys: [],
      words: [
        ['pile', 'the papers of a class for one sheet'],
        ['code', 'stands at the foot of every printed page, like K7PT-A'],
      ],
    },
  ],
  [/^\/pupils/, { title: 'A pupil', page: 'record', keys: [], words: signs }],
  [
    /^\/screens/,
    { title: 'At screens', page: 'write', keys: [], words: [['code', 'what children type to come in']] },
  ],
  [/^\/classes\/./, { title: 'A class', page: 'record', keys: [], words: signs }],
  [
    /^\/classes/,
    { title: 'Classes', page: 'keeping', keys: [], words: [['short name', 'all that is kept of a child']] },
  ],
  [
    /^\/log/,
    { title: 'Log', page: 'keeping', keys: [], words: [['log', 'every problem worked to its end']] },
  ],
  [
    /^\/style/,
    { title: 'House style', page: 'style', keys: [], words: [['cue', 'your own words before a step']] },
  ],
];

const guide: Help = { title: 'The guide', page: 'first-evening', keys: [], words: [] };

/** The help for an address. */
export function helpOf(pathname: string): Help {
  const found = helps.find(([address]) => address.test(pathname))?.[1] ?? guide;
  return { ...found, keys: [...found.keys, ...everywhere] };
}
