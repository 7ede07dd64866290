import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { Select } from '../app/Select';
import { digits, ink } from '../app/ink';
import { dayInWords } from '../app/timeInWords';
import { useInSight } from '../app/useInSight';
import { StateSign } from './StateSign';
import { useRuling, type PupilRecord } from './useRecords';

type RungProps = { rung: Schemas['RungRecord']; record: PupilRecord; opened: boolean };

/** A pupil on one rung: where it stands and why, and on demand every answer that it rests on. */
export function RungOfPupil({ rung, record, opened }: RungProps) {
  const [open, setOpen] = useState(opened);
  const label = (id: string) => record.states.find((state) => state.id === id)?.label ?? id;
  const summary = rung.reason
    ? `${label(rung.state)}, as you said: ${rung.reason}`
    : `${label(rung.state)}. ${rung.say}`;
  return (
    <Box sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75 }} id={rung.rung.id}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: {
            '@': '30px minmax(0, 1fr) auto',
            '@640': '30px minmax(120px, 260px) minmax(0, 1fr) auto',
          },
          gap: 1,
        }}
      >
        <StateSign state={rung.state} ruled={Boolean(rung.reason)} shows={rung.shows} />
        <Box>
          <b>{rung.rung.title}</b>
          <Box sx={{ color: ink.faint, fontSize: 14 }}>{rung.rung.operation.replace('-', ' ')}</Box>
        </Box>
        {/* Where there is little room it stands under the name of the step. */}
        <Box sx={{ gridColumn: { '@': '2 / -1', '@640': 'auto' }, gridRow: { '@': 2, '@640': 'auto' } }}>
          {summary}
          {rung.shows && <Box sx={{ color: ink.plum }}>Still shows: {rung.shows}</Box>}
          {rung.dueOn && rung.state === 'secure' && (
            <Box sx={{ color: ink.faint, fontSize: 15 }}>It comes back on {dayInWords(rung.dueOn)}.</Box>
          )}
        </Box>
        <Button
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          aria-label={`${open ? 'Close' : 'What it rests on'}: ${rung.rung.title}`}
          sx={{ alignSelf: 'start' }}
        >
          {open ? 'Close' : 'What it rests on'}
        </Button>
      </Box>
      {open && <Rests rung={rung} record={record} />}
    </Box>
  );
}

function Rests({ rung, record }: Omit<RungProps, 'opened'>) {
  const box = useInSight<HTMLDivElement>();
  return (
    <Box ref={box} sx={{ pl: { '@640': 4.5 }, pb: 1, overflowX: 'auto' }}>
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          fontSize: 15,
          '& td, & th': { pr: 2.5, py: 0.2, textAlign: 'left' },
        }}
      >
        <thead>
          <tr>
            {['Day', 'Question', 'First answer', 'Put down to', 'Pile'].map((head) => (
              <Box component="th" key={head} sx={{ fontWeight: 400, color: ink.faint }}>
                {head}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {rung.rests.map((answer, index) => (
            <tr key={index}>
              <td>{dayInWords(answer.day)}</td>
              <Box component="td" sx={{ fontFamily: digits }}>
                {answer.problem}
              </Box>
              <Box component="td" sx={{ fontFamily: digits, color: answer.right ? ink.right : ink.wrong }}>
                {answer.right ? '✓ right' : `✗ ${answer.given}`}
              </Box>
              <td>
                {answer.cause &&
                  (answer.confirmed ? `${answer.cause}, confirmed` : `${answer.cause}, presumed`)}
              </td>
              <td>
                <Link to={`/marking/${answer.marking}`}>{answer.title}</Link>, {answer.question}
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Ruling rung={rung} record={record} />
    </Box>
  );
}

function Ruling({ rung, record }: Omit<RungProps, 'opened'>) {
  const rule = useRuling(record.pupil.id);
  const [state, setState] = useState(rung.state);
  const [reason, setReason] = useState(rung.reason ?? '');
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        rule.mutate({ rung: rung.rung.id, ruling: { state, reason } });
      }}
      sx={{ display: 'flex', gap: 2, alignItems: 'flex-start', flexWrap: 'wrap', mt: 1 }}
    >
      <Box sx={{ width: 170 }}>
        <Select
          label="I say otherwise"
          value={state}
          options={record.states.map(({ id, label }) => ({ id, label }))}
          onChange={setState}
        />
      </Box>
      <Box sx={{ width: 340, pt: 0.75 }}>
        <Field label="because" value={reason} onChange={setReason} fault={rule.error?.message} />
      </Box>
      <Button type="submit" variant="outlined" sx={{ mt: 2 }} disabled={rule.isPending}>
        Keep
      </Button>
      {rung.reason && (
        <Button sx={{ mt: 2 }} onClick={() => rule.mutate({ rung: rung.rung.id })}>
          Take it back: by the rule {record.states.find((each) => each.id === rung.byRule)?.label}
        </Button>
      )}
    </Box>
  );
}
