import { Box } from '@mui/material';
import { useState, type FocusEvent, type KeyboardEvent } from 'react';
import { digits, ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { readEntry } from './entry';
import { OtherWindow } from './OtherWindow';
import { useKeepPaper, type Marking, type Paper } from './useMarking';

const signs: Record<string, string> = { right: '✓', blank: '–', 'not-reached': '/', unclear: '?' };

/** Pupils down, questions across: each square takes an answer or a sign. */
export function GridPanel({ marking }: { marking: Marking }) {
  const keep = useKeepPaper(marking.id);
  const [fault, setFault] = useState<string>();
  const most = Math.max(...marking.sheets.map((sheet) => sheet.questions.length));
  const widths = Array.from({ length: most }, (_, i) => width(marking, i));
  const take = (event: FocusEvent<HTMLInputElement>, paper: Paper, question: number) => {
    const typed = event.target.value.trim();
    if (typed === shown(paper, question) || (typed === '' && shown(paper, question) === '')) {
      return;
    }
    if (typed === '') {
      keep.mutate({ kind: 'remove', pupil: paper.pupil.id, question });
      return;
    }
    const entry = readEntry(
      `${question} ${typed === '✓' ? '=' : typed === '–' ? '-' : typed}`,
      paper,
      marking,
    );
    setFault('fault' in entry ? `${paper.pupil.name}: ${entry.fault}` : undefined);
    if (!('fault' in entry)) {
      entry.changes.forEach((change) => keep.mutate(change));
    }
  };
  return (
    <Box>
      <Box sx={{ color: ink.faint, fontSize: 14, mb: 1 }}>
        Type the wrong answers; = is right, - left blank, ? unclear, / not reached. Arrows and Enter move on.
      </Box>
      <Trouble message={fault ?? (keep.conflict ? undefined : keep.error?.message)} />
      {keep.conflict && (
        <OtherWindow
          marking={marking}
          conflict={keep.conflict}
          onMine={(change) => {
            keep.settle();
            keep.mutate(change);
          }}
          onTheirs={keep.settle}
        />
      )}
      <Box sx={{ overflow: 'auto', maxHeight: 'calc(100dvh - 150px)' }} onKeyDown={move}>
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            '& th': { position: 'sticky', top: 0, bgcolor: ink.page, zIndex: 1 },
          }}
        >
          <thead>
            <tr>
              <th />
              {Array.from({ length: most }, (_, i) => (
                <th key={i} scope="col" title={marking.sheets[0]?.questions[i]?.problem}>
                  {i + 1}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {marking.papers.map((paper, row) => (
              <tr key={paper.pupil.id}>
                <Box component="td" sx={{ pr: 1.5, whiteSpace: 'nowrap', fontWeight: 650 }}>
                  {paper.pupil.name}
                </Box>
                {Array.from({ length: most }, (_, i) => {
                  const answer = paper.answers.find((each) => each.question === i + 1);
                  const wrong = answer?.verdict === 'wrong';
                  return (
                    <Box component="td" key={i} sx={{ p: 0 }}>
                      <Box
                        component="input"
                        key={shown(paper, i + 1)}
                        defaultValue={shown(paper, i + 1)}
                        onBlur={(event) =>
                          take(event as unknown as FocusEvent<HTMLInputElement>, paper, i + 1)
                        }
                        data-row={row}
                        data-column={i}
                        disabled={paper.absent}
                        aria-label={`${paper.pupil.name}, question ${i + 1}${wrong ? ', wrong' : ''}`}
                        autoComplete="off"
                        title={answer?.given}
                        sx={{
                          width: `${widths[i]}em`,
                          font: `${wrong ? 700 : 400} 15px ${digits}`,
                          textAlign: 'center',
                          color: wrong ? ink.wrong : ink.ink,
                          textDecoration: wrong ? 'underline' : 'none',
                          bgcolor: paper.absent ? 'transparent' : ink.sheet,
                          border: `1px solid ${ink.hair}`,
                          m: '-0.5px',
                          py: 0.4,
                          px: 0.25,
                        }}
                      />
                    </Box>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  );
}

/** How wide a column of the grid is, in letters' heights: as its longest answer, unless that is very long. */
function width(marking: Marking, question: number) {
  const right = marking.sheets.map((sheet) => sheet.questions[question]?.answer.length ?? 0);
  const given = marking.papers.map((paper) => shown(paper, question + 1).length);
  return 0.62 * Math.min(24, Math.max(6, ...right, ...given)) + 0.4;
}

/** What stands in a square of the grid. */
function shown(paper: Paper, question: number) {
  const answer = paper.answers.find((each) => each.question === question);
  return !answer ? '' : (signs[answer.state] ?? answer.given);
}

/** Enter and the arrows go from square to square. */
function move(event: KeyboardEvent<HTMLElement>) {
  const from = event.target as HTMLInputElement;
  const steps: Record<string, [number, number]> = {
    Enter: [0, 1],
    ArrowDown: [1, 0],
    ArrowUp: [-1, 0],
  };
  const step = steps[event.key];
  if (!step || from.dataset.row === undefined) {
    return;
  }
  event.preventDefault();
  const next = event.currentTarget.querySelector<HTMLInputElement>(
    `input[data-row="${Number(from.dataset.row) + step[0]}"][data-column="${Number(from.dataset.column) + step[1]}"]`,
  );
  (next ?? from).focus();
  next?.select();
  if (!next) {
    from.blur();
  }
}
