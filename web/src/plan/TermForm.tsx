import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../app/Field';
import { Select } from '../app/Select';
import { Tick } from '../app/Tick';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useKeepTerm, useTerm, type Term, type TermView } from './usePlan';

const weekdays = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** The teacher's order of topics for the term, and how much time there is. */
export function TermForm({ classId, onDone }: { classId: number; onDone: () => void }) {
  const term = useTerm(classId);
  const [taken, setTaken] = useState<TermView>();
  return term.data ? (
    <Form
      key={taken?.revision ?? 'first'}
      term={taken ?? term.data}
      classId={classId}
      onDone={onDone}
      onTaken={setTaken}
    />
  ) : (
    <Trouble message={term.error?.message} />
  );
}

type Props = {
  classId: number;
  term: TermView;
  onDone: () => void;
  /** What another window has kept is taken in the place of what is here. */
  onTaken: (theirs: TermView) => void;
};

function Form({ classId, term: now, onDone, onTaken }: Props) {
  const keep = useKeepTerm(classId);
  // What was there when the form was opened: what is typed does not change under the hand.
  const [term] = useState(now);
  const theirs = keep.error?.status === 409 ? (keep.error.current as TermView) : undefined;
  const [topics, setTopics] = useState(term.chosen.topics);
  const [days, setDays] = useState(term.chosen.weekdays);
  const [minutes, setMinutes] = useState(String(term.chosen.minutes));
  const [most, setMost] = useState(String(term.chosen.groupMost));
  const [sheets, setSheets] = useState(String(term.chosen.sheets));
  const title = (id: string) => {
    const topic = term.topics.find((each) => each.id === id);
    return topic?.title ?? id;
  };
  const swap = (index: number, by: number) => {
    const next = [...topics];
    const [moved] = next.splice(index, 1);
    next.splice(index + by, 0, moved ?? '');
    setTopics(next);
  };
  const chosen: Term = {
    topics,
    weekdays: days,
    minutes: Number(minutes) || 0,
    groupMost: Number(most) || 0,
    sheets: Number(sheets) || 0,
  };
  return (
    <Box sx={{ borderTop: `1px solid ${ink.hair}`, borderBottom: `1px solid ${ink.hair}`, py: 1.5, mb: 1.5 }}>
      <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap' }}>
        <Box sx={{ maxWidth: 480 }}>
          <Box sx={{ color: ink.faint, fontSize: 14 }}>
            Topics in your order; nobody is led past one that is neither secure nor passed
          </Box>
          <Box component="ol" sx={{ m: '4px 0', pl: 3, maxHeight: 250, overflow: 'auto' }}>
            {topics.map((topic, index) => (
              <li key={topic}>
                {title(topic)}{' '}
                <Button
                  sx={tiny}
                  disabled={index === 0}
                  onClick={() => swap(index, -1)}
                  aria-label={`${title(topic)} earlier`}
                >
                  ↑
                </Button>
                <Button
                  sx={tiny}
                  disabled={index === topics.length - 1}
                  onClick={() => swap(index, 1)}
                  aria-label={`${title(topic)} later`}
                >
                  ↓
                </Button>
                <Button
                  sx={tiny}
                  onClick={() => setTopics(topics.filter((each) => each !== topic))}
                  aria-label={`Leave ${title(topic)} out`}
                >
                  ×
                </Button>
              </li>
            ))}
          </Box>
          <Select
            label="Add a topic"
            value=""
            options={[
              { id: '', label: 'Choose one' },
              ...term.topics
                .filter((each) => !topics.includes(each.id))
                .map((each) => ({ id: each.id, label: title(each.id) })),
            ]}
            onChange={(id) => id && setTopics([...topics, id])}
          />
          <Trouble message={keep.error?.about('topics')} />
        </Box>
        <Box sx={{ width: 260 }}>
          <Box sx={{ color: ink.faint, fontSize: 14 }}>Days with a lesson</Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', mb: 1 }}>
            {weekdays.map((name, index) => (
              <Tick
                key={name}
                label={name}
                checked={days.includes(index + 1)}
                onChange={(on) =>
                  setDays(on ? [...days, index + 1] : days.filter((day) => day !== index + 1))
                }
              />
            ))}
          </Box>
          <Trouble message={keep.error?.about('days')} />
          <Field
            label="Minutes a day"
            value={minutes}
            onChange={setMinutes}
            inputMode="numeric"
            fault={keep.error?.about('minutes')}
          />
          <Field
            label="Pupils a group, at most"
            value={most}
            onChange={setMost}
            inputMode="numeric"
            fault={keep.error?.about('groupMost')}
          />
          <Field
            label="Different sheets a lesson, at most"
            value={sheets}
            onChange={setSheets}
            inputMode="numeric"
            fault={keep.error?.about('sheets')}
          />
        </Box>
      </Box>
      {theirs ? (
        <Box role="alert" sx={{ border: `2px solid ${ink.wrong}`, bgcolor: ink.sheet, p: 1.5, mt: 1 }}>
          <b>This was changed in another window.</b> There it has {theirs.chosen.topics.length} topics, from{' '}
          {title(theirs.chosen.topics[0] ?? '')}; {theirs.chosen.minutes} minutes a day,{' '}
          {theirs.chosen.groupMost} pupils a group at most, lessons on{' '}
          {theirs.chosen.weekdays.map((day) => weekdays[day - 1]).join(', ')}. What you chose is still here.
          <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
            <Button
              variant="outlined"
              onClick={() => keep.mutate({ term: chosen, revision: theirs.revision }, { onSuccess: onDone })}
            >
              Keep what is here
            </Button>
            <Button variant="outlined" onClick={() => onTaken(theirs)}>
              Take the other window’s
            </Button>
          </Box>
        </Box>
      ) : (
        <Trouble message={keep.error && keep.error.status !== 422 ? keep.error.message : undefined} />
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
        <Button
          variant="contained"
          disabled={keep.isPending}
          onClick={() => keep.mutate({ term: chosen, revision: term.revision }, { onSuccess: onDone })}
        >
          Keep
        </Button>
        <Button onClick={onDone}>Leave topics as they are</Button>
      </Box>
    </Box>
  );
}

const tiny = { p: '0 6px', minWidth: 0 } as const;
