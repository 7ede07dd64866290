import { Box, Button } from '@mui/material';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { Field } from '../app/Field';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import type { AskState } from './asked';
import { AsItSeems } from './AsItSeems';
import type { Opened } from './FindingDialog';
import { knownAs, takenBack } from './line';
import { NotYetKept } from './NotYetKept';
import { PaperTable } from './PaperTable';
import { PupilList } from './PupilList';
import { add, takeBack } from './queue';
import { SharedCauses } from './SharedCauses';
import { usePile, type Form, type Marking, type Paper } from './useMarking';

type Props = {
  marking: Marking;
  /** What can be typed. */
  forms: Form[];
  /** Which pupil's paper lies there. */
  at: number;
  onGo: (at: number) => void;
  onOpen: (opened: Opened) => void;
};

/** What is typed most is always in sight. */
const commonest = ['answer', 'blank', 'rest-right', 'absent'];

/** The pile one paper after the other: what is wrong is typed, the rest is right. */
export function PilePanel({ marking, forms, at, onGo, onOpen }: Props) {
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string>();
  const [says, setSays] = useState('');
  const pile = usePile(marking.id);
  const line = useRef<HTMLDivElement>(null);
  const paper = marking.papers[at] as Paper;
  const papers = marking.papers.length;
  const waiting = pile.waiting.filter((entry) => entry.pupil === paper.pupil.id);

  const toTheLine = () => line.current?.querySelector('input')?.focus();
  useEffect(toTheLine, [at]);

  const take = (text: string) => {
    const known = knownAs(text, forms, paper, marking);
    setFault(known.kind === 'fault' ? known.fault : undefined);
    setSays('');
    if (known.kind === 'fault') {
      return;
    }
    setTyped('');
    if (known.kind === 'name') {
      onGo(known.goTo);
      return;
    }
    add(marking.id, known.entry);
    if (known.movesOn) {
      onGo(Math.min(at + 1, papers - 1));
    }
  };

  const undo = () => {
    const back = takeBack(marking.id);
    const index = marking.papers.findIndex((each) => each.pupil.id === back?.pupil);
    setSays(takenBack(back, marking));
    // Where something is being typed it stays with its child.
    if (index >= 0 && typed === '') {
      onGo(index);
    }
    toTheLine();
  };

  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      take(typed);
    } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      onGo(Math.max(0, Math.min(papers - 1, at + (event.key === 'ArrowDown' ? 1 : -1))));
    } else if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && typed === '') {
      event.preventDefault();
      undo();
    }
  };

  const decide = (cause: string | undefined, questions: number[], name: string) =>
    add(marking.id, {
      pupil: paper.pupil.id,
      cause,
      questions,
      says: `${name}, question ${questions.join(', ')}`,
    });

  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '210px minmax(0, 1fr)' },
        gap: 3,
      }}
    >
      <PupilList papers={marking.papers} waiting={pile.waiting} at={at} onGo={onGo} />
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
              fault={fault}
              autoFocus
              autoComplete="off"
              spellCheck={false}
              placeholder="7 3152"
            />
          </Box>
          <KeysOfTheLine forms={forms} />
        </Box>
        <Box role="status" sx={{ color: ink.faint }}>
          {says}
        </Box>
        <NotYetKept marking={marking} />
        <Box sx={{ display: 'flex', gap: 1, mb: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" onClick={() => take('=')}>
            The rest is right
          </Button>
          <Button
            variant="outlined"
            onClick={() => {
              add(marking.id, {
                pupil: paper.pupil.id,
                line: '!',
                says: paper.absent ? 'not absent' : 'absent',
              });
              toTheLine();
            }}
          >
            {paper.absent ? 'Not absent' : 'Absent'}
          </Button>
          <Button variant="outlined" onClick={undo}>
            Undo
          </Button>
          <Button onClick={() => void navigate('/ask', { state: askAbout(marking, paper) })}>
            Ask one more
          </Button>
        </Box>
        <Trouble message={paper.trouble} />
        <SharedCauses paper={paper} onConfirm={decide} />
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', xl: 'minmax(0, 1fr) 380px' },
            columnGap: 4,
            alignItems: 'start',
          }}
        >
          <PaperTable marking={marking} paper={paper} waiting={waiting} onDecide={decide} onOpen={onOpen} />
          <AsItSeems marking={marking} paper={paper} />
        </Box>
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
  return {
    pupil: paper.pupil.name,
    operation,
    asked,
    back: `/marking/${marking.id}?pupil=${paper.pupil.id}`,
  };
}

/** What is typed most, and behind a button all that can be. */
function KeysOfTheLine({ forms }: { forms: Form[] }) {
  const [all, setAll] = useState(false);
  const inOrder = [
    ...commonest.flatMap((id) => forms.filter((form) => form.id === id)),
    ...forms.filter(({ id }) => !commonest.includes(id)),
  ];
  return (
    <Box sx={{ flex: '1 1 220px', minWidth: 0, fontSize: 14, color: ink.faint }}>
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gridTemplateColumns: { xs: 'auto 1fr', lg: 'auto 1fr auto 1fr' },
          columnGap: 1.5,
          '& dt': { fontFamily: 'Andika', color: ink.ink, whiteSpace: 'nowrap' },
          '& dd': { m: 0 },
        }}
      >
        {(all ? inOrder : inOrder.slice(0, commonest.length)).map(({ id, example, means }) => (
          <Box key={id} sx={{ display: 'contents' }}>
            <dt>{example}</dt>
            <dd>{means}</dd>
          </Box>
        ))}
      </Box>
      <Button
        sx={{ p: 0, fontSize: 14, fontWeight: 400, textDecoration: 'underline' }}
        aria-expanded={all}
        onClick={() => setAll(!all)}
      >
        {all ? 'Fewer' : 'All that can be typed'}
      </Button>{' '}
      Ctrl+Z takes the last one back.
    </Box>
  );
}
