import { Box, Button } from '@mui/material';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { Refused } from '../api/client';
import { Field } from '../app/Field';
import { ink } from '../app/theme';
import type { AskState } from './AskScreen';
import { readEntry, inverse } from './entry';
import type { Opened } from './FindingDialog';
import { OtherWindow } from './OtherWindow';
import { PaperTable } from './PaperTable';
import { PupilList } from './PupilList';
import { SharedCauses } from './SharedCauses';
import { useKeepPaper, useMarkingKey, type Change, type Marking, type Paper } from './useMarking';

/** The pile one paper after the other: what is wrong is typed, the rest is right. */
export function PilePanel({ marking, onOpen }: { marking: Marking; onOpen: (opened: Opened) => void }) {
  const navigate = useNavigate();
  const [at, setAt] = useState(0);
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string>();
  const undo = useRef<Change[][]>([]);
  const keep = useKeepPaper(marking.id);
  const byCode = /^\d+\s+[a-z]$/i.test(typed.trim());
  const key = useMarkingKey(marking.id, byCode);
  const line = useRef<HTMLDivElement>(null);
  const paper = marking.papers[Math.min(at, marking.papers.length - 1)] as Paper;
  const papers = marking.papers.length;

  useEffect(() => line.current?.querySelector('input')?.focus(), [at]);

  const send = async (changes: Change[], remember: boolean) => {
    const back: Change[] = [];
    for (const change of changes) {
      const before = latest(change.pupil);
      const after = await keep.mutateAsync(change);
      back.unshift(...inverse(change, before, after));
      papersNow.current.set(change.pupil, after);
    }
    if (remember && back.length > 0) {
      undo.current.push(back);
    }
  };
  const papersNow = useRef(new Map<number, Paper>());
  const latest = (pupil: number) =>
    papersNow.current.get(pupil) ?? (marking.papers.find((each) => each.pupil.id === pupil) as Paper);
  useEffect(() => {
    papersNow.current = new Map(marking.papers.map((each) => [each.pupil.id, each]));
  }, [marking.papers]);

  const take = async () => {
    // A letter typed before the key has come waits for it.
    const known = byCode && !key.data ? (await key.refetch()).data : key.data;
    const entry = readEntry(typed, paper, marking, known);
    if ('fault' in entry) {
      setFault(entry.fault);
      return;
    }
    setFault(undefined);
    setTyped((now) => (now === typed ? '' : now));
    send(entry.changes, true).catch((refused: unknown) => {
      // What another window has changed is asked about beside it.
      if (!(refused instanceof Refused && refused.status === 409)) {
        setTyped(typed);
      }
    });
    if (entry.next) {
      setAt(Math.min(at + 1, papers - 1));
    }
    if (entry.goTo !== undefined) {
      setAt(entry.goTo);
    }
  };

  const takeBack = () => {
    const back = undo.current.pop();
    if (back) {
      const index = marking.papers.findIndex((each) => each.pupil.id === back[0]?.pupil);
      setAt(index < 0 ? at : index);
      void send(back, false);
    }
  };

  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      void take();
    } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      setAt(Math.max(0, Math.min(papers - 1, at + (event.key === 'ArrowDown' ? 1 : -1))));
    } else if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && typed === '') {
      event.preventDefault();
      takeBack();
    }
  };

  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '210px minmax(0, 1fr)' },
        gap: 3,
      }}
    >
      <PupilList papers={marking.papers} at={at} onGo={setAt} />
      <Box>
        <Box sx={{ display: 'flex', gap: 3, alignItems: 'flex-start', flexWrap: 'wrap' }}>
          <Box ref={line} sx={{ width: 300 }} onKeyDown={onKey}>
            <Box component="h2" sx={{ m: '0 0 6px', fontSize: 22 }} aria-live="polite">
              {paper.pupil.name}
              {paper.absent && (
                <Box component="span" sx={{ color: ink.faint, fontWeight: 400 }}>
                  {' '}
                  absent
                </Box>
              )}
            </Box>
            <Field
              label="Question and what stands there"
              value={typed}
              onChange={(value) => {
                setTyped(value);
                setFault(undefined);
              }}
              fault={fault ?? (keep.conflict ? undefined : keep.error?.message)}
              autoFocus
              autoComplete="off"
              spellCheck={false}
              placeholder="7 3152"
            />
          </Box>
          <KeysOfTheLine />
        </Box>
        {keep.conflict && (
          <OtherWindow
            marking={marking}
            conflict={keep.conflict}
            onMine={(change) => {
              keep.settle();
              send([change], true).catch(() => undefined);
            }}
            onTheirs={keep.settle}
          />
        )}
        <Box sx={{ display: 'flex', gap: 1, mb: 1, flexWrap: 'wrap' }}>
          <Button
            variant="contained"
            onClick={() => {
              void send([{ kind: 'rest', pupil: paper.pupil.id, state: 'right' }], true);
              setAt(Math.min(at + 1, papers - 1));
            }}
          >
            The rest is right
          </Button>
          <Button
            variant="outlined"
            onClick={() => void send([{ kind: 'paper', pupil: paper.pupil.id, absent: !paper.absent }], true)}
          >
            {paper.absent ? 'Not absent' : 'Absent'}
          </Button>
          <Button variant="outlined" onClick={takeBack}>
            Undo
          </Button>
          <Button onClick={() => void navigate('/ask', { state: askAbout(marking, paper) })}>
            Ask one more
          </Button>
        </Box>
        <SharedCauses
          paper={paper}
          onConfirm={(change) => void send([change], true).catch(() => undefined)}
        />
        <PaperTable
          marking={marking}
          paper={paper}
          onChange={(change) => void send([change], true).catch(() => undefined)}
          onOpen={onOpen}
        />
      </Box>
    </Box>
  );
}

/** What a pupil has answered so far, for one more question. */
function askAbout(marking: Marking, paper: Paper): AskState {
  const questions = marking.sheets.find((sheet) => sheet.code === paper.sheet)?.questions ?? [];
  const operation = questions[0]?.operation ?? 'addition';
  const asked = paper.answers.flatMap((answer) => {
    const question = questions[answer.question - 1];
    return question?.operation === operation && (answer.verdict === 'right' || answer.verdict === 'wrong')
      ? [{ problem: question.problem, given: answer.given || question.answer }]
      : [];
  });
  return { pupil: paper.pupil.name, operation, asked, back: `/marking/${marking.id}` };
}

const keys: [string, string][] = [
  ['7 3152', 'a wrong answer'],
  ['7 3152 > 3655', 'with the child’s correction'],
  ['7 -', 'left blank'],
  ['7 ?', 'nobody can read it'],
  ['12 /', 'not reached from there on'],
  ['7 3152 :h', 'with your code for how'],
  ['7 = :h', 'right, but helped'],
  ['7 b', 'by its code on the key'],
  ['=', 'the rest is right, next paper'],
  ['!', 'absent, next paper'],
  ['#K7PT-B', 'this child has another sheet'],
  ['Ida', 'to the paper of Ida'],
];

/** What can be typed, so that nobody needs to know it by heart. */
function KeysOfTheLine() {
  return (
    <Box
      component="dl"
      sx={{
        m: 0,
        display: 'grid',
        gridTemplateColumns: 'auto auto auto auto',
        columnGap: 1.5,
        fontSize: 14,
        color: ink.faint,
        '& dt': { fontFamily: 'Andika', color: ink.ink, whiteSpace: 'nowrap' },
        '& dd': { m: 0 },
      }}
    >
      {keys.map(([typed, means]) => (
        <Box key={typed} sx={{ display: 'contents' }}>
          <dt>{typed}</dt>
          <dd>{means}</dd>
        </Box>
      ))}
    </Box>
  );
}
