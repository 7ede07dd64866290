import { BoardDialog } from './BoardDialog';

const keys = [
  [
    '→  Space  Page Down',
    'forward, as a tap on the paper is; when asking, first the question, then the answer',
  ],
  ['←  Page Up', 'back'],
  ['Home  End', 'to the start, to the end'],
  ['n  b', 'next problem, the one before'],
  ['l', 'another like this'],
  ['a', 'ask every step, only carries and exchanges, only the last line, or just show'],
  ['0 … 9  ⌫', 'the class’s answer, digit by digit'],
  ['f', 'how to find this fact'],
  ['v', 'a picture beside the paper'],
  ['m', 'a deliberate mistake, or what looks odd'],
  ['r  x  p', 'ring the mistake, strike it out, put it right'],
  ['c', 'stronger contrast'],
  ['Esc', 'close this; leave the board'],
];

/** The few keys of the board. */
export function BoardHelp() {
  return (
    <BoardDialog name="Keys">
      <div style={{ display: 'grid', gridTemplateColumns: 'auto auto', columnGap: 32 }}>
        {keys.map(([key, does]) => (
          <div key={key} style={{ display: 'contents' }}>
            <b style={{ whiteSpace: 'nowrap' }}>{key}</b>
            <span>{does}</span>
          </div>
        ))}
      </div>
    </BoardDialog>
  );
}
