import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { Select } from '../app/Select';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { dayInWords } from '../app/timeInWords';
import { FactsPicture } from '../glance/FactsPicture';
import { PupilSteps } from '../glance/PupilSteps';
import { SlipThumb } from '../glance/SlipThumb';
import { StateSign } from './StateSign';
import { usePupilRecord, useRuling, type PupilRecord } from './useRecords';
import { SlipName } from './SlipName';
import { WeekBars } from './WeekBars';

/** What one pupil can do, with everything it rests on. */
export function PupilScreen() {
  const id = Number(useParams().id);
  const record = usePupilRecord(id);
  const { hash } = useLocation();
  if (record.isError) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={record.error.message} /> <Link to="/classes">To the classes</Link>
      </Box>
    );
  }
  if (!record.data) {
    return <Box sx={{ p: 4 }}>Fetching the record …</Box>;
  }
  const { data } = record;
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' }, maxWidth: 1080 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ m: 0 }}>
          {data.pupil.name}
        </Box>
        <Link to={`/classes/${data.classId}`}>{data.className}</Link>
        <Link to={`/pupils/${id}/report`}>Page for a talk with parents</Link>
        <Link to={`/pupils/${id}/work`}>Work to judge together</Link>
      </Box>
      {data.rungs.length > 0 && (
        <>
          <Box component="h2" sx={{ fontSize: 19, m: '16px 0 0' }}>
            Week by week
          </Box>
          <PupilSteps id={id} name={data.pupil.name} />
        </>
      )}
      <Box component="h2" sx={{ fontSize: 19, m: '16px 0 4px' }}>
        Rung by rung
      </Box>
      {data.rungs.length === 0 && !data.besides && (
        <Box sx={{ color: ink.faint }}>Nothing of {data.pupil.name} is marked yet.</Box>
      )}
      {data.rungs.map((rung) => (
        <OneRung key={rung.rung.id} rung={rung} record={data} opened={hash === `#${rung.rung.id}`} />
      ))}
      {data.besides && <Box sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75 }}>{data.besides}</Box>}
      <Box sx={{ color: ink.faint, fontSize: 14, mt: 1.5, maxWidth: 820 }}>{data.rule}</Box>
      {data.slips.length > 0 && (
        <Box component="h2" sx={{ fontSize: 19, m: '22px 0 4px' }}>
          Slips through the weeks
        </Box>
      )}
      {data.slips.map((slip) => (
        <Box
          key={`${slip.operation} ${slip.slip}`}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '200px 250px 150px minmax(0, 1fr)' },
            gap: 2,
            borderTop: `1px solid ${ink.hair}`,
            py: 1,
          }}
        >
          <SlipName slip={slip} />
          <SlipThumb slip={slip.slip} operation={slip.operation} name={slip.name} problem={slip.shownIn} />
          <WeekBars weeks={slip.weeks} name={slip.name} />
          <Box>
            {slip.say}.<Box sx={{ color: ink.faint, fontSize: 15 }}>{slip.help}</Box>
          </Box>
        </Box>
      ))}
      {data.rungs.length > 0 && (
        <>
          <Box component="h2" sx={{ fontSize: 19, m: '22px 0 4px' }}>
            Facts
          </Box>
          <FactsPicture whose={{ pupil: id }} name={data.pupil.name} />
        </>
      )}
    </Box>
  );
}

type RungProps = { rung: Schemas['RungRecord']; record: PupilRecord; opened: boolean };

function OneRung({ rung, record, opened }: RungProps) {
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
            xs: '30px minmax(0, 1fr) auto',
            md: '30px minmax(120px, 260px) minmax(0, 1fr) auto',
          },
          gap: 1,
        }}
      >
        <StateSign state={rung.state} ruled={Boolean(rung.reason)} shows={rung.shows} />
        <Box>
          <b>{rung.rung.title}</b>
          <Box sx={{ color: ink.faint, fontSize: 14 }}>{rung.rung.operation.replace('-', ' ')}</Box>
        </Box>
        {/* On a phone it stands under the name of the step. */}
        <Box sx={{ gridColumn: { xs: '2 / -1', md: 'auto' }, gridRow: { xs: 2, md: 'auto' } }}>
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
  return (
    <Box sx={{ pl: { md: 4.5 }, pb: 1 }}>
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
