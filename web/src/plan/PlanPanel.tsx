import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { DayBars } from '../glance/DayBars';
import { dayInWords } from '../app/timeInWords';
import { intoGroup, toDay, withoutPupil, type Taken } from './byHand';
import { Conflicts } from './Conflicts';
import { DaySheets } from './DaySheets';
import { GroupLine } from './GroupLine';
import { OnDay } from './OnDay';
import { TermForm } from './TermForm';
import { useChangePlan, usePlan, type Plan } from './usePlan';

/** A move by hand that can be undone as long as the plan is as it left it. */
type Moved = { before: Plan['days']; revision: number; said: string };

/** The week of a class: a column a day, groups with their sheets; changed by hand where the teacher knows better. */
export function PlanPanel({ classId }: { classId: number }) {
  const [address, setAddress] = useSearchParams();
  // A reload and Back lead to the week one was looking at.
  const week = address.get('week') ?? undefined;
  const setWeek = (monday: string) =>
    setAddress((before) => ({ ...Object.fromEntries(before), week: monday }));
  const [wishes, setWishes] = useState(false);
  const [sure, setSure] = useState(false);
  const [taken, setTaken] = useState<Taken>();
  const [moved, setMoved] = useState<Moved[]>([]);
  const plan = usePlan(classId, week);
  const { change, again } = useChangePlan(classId, week);
  if (!plan.data) {
    return plan.isError ? <Trouble message={plan.error.message} /> : <Box>Planning the week …</Box>;
  }
  const { data } = plan;
  // What somebody else changed since is not undone with one's own move.
  const undoable = moved.at(-1)?.revision === data.revision ? moved : [];
  const become = (days: Plan['days'], said: string) => {
    change.mutate(
      { plan: data, days },
      { onSuccess: ({ revision }) => setMoved([...undoable, { before: data.days, revision, said }]) },
    );
    setTaken(undefined);
  };
  const lastMoved = undoable.at(-1);
  const undo = () =>
    lastMoved &&
    change.mutate(
      { plan: data, days: lastMoved.before },
      {
        onSuccess: ({ revision }) =>
          setMoved(
            undoable
              .slice(0, -1)
              .map((each, index, all) => (index === all.length - 1 ? { ...each, revision } : each)),
          ),
      },
    );
  const take = (pupil: Taken['pupil'], date?: string) =>
    setTaken(taken?.pupil.id === pupil.id && taken.date === date ? undefined : { pupil, date });
  const shift = (weeks: number) => {
    const day = new Date(`${data.monday}T12:00:00Z`);
    day.setUTCDate(day.getUTCDate() + 7 * weeks);
    setWeek(day.toISOString().slice(0, 10));
  };
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
        <Button onClick={() => shift(-1)} aria-label="The week before">
          ←
        </Button>
        <b>Week of {dayInWords(data.monday)}</b>
        <Button onClick={() => shift(1)} aria-label="The week after">
          →
        </Button>
        <Button variant="outlined" onClick={() => setWishes(!wishes)} aria-expanded={wishes}>
          Topics and time
        </Button>
        {data.revision > 0 &&
          (sure ? (
            <>
              <span>What was moved by hand this week goes.</span>
              <Button
                variant="contained"
                autoFocus
                onClick={() => again.mutate(undefined, { onSettled: () => setSure(false) })}
              >
                Yes, plan it anew
              </Button>
              <Button onClick={() => setSure(false)}>Leave it as it is</Button>
            </>
          ) : (
            <Button variant="outlined" onClick={() => setSure(true)}>
              Plan it anew
            </Button>
          ))}
        <Box sx={{ color: ink.faint, fontSize: 14 }}>
          {data.revision > 0
            ? 'Changed by hand; it stays as it is.'
            : 'Made from the record; press a name to move it, or choose another day for a group.'}
        </Box>
      </Box>
      {wishes && <TermForm classId={classId} onDone={() => setWishes(false)} />}
      <Trouble message={change.error?.message ?? again.error?.message} />
      <Box role="status" sx={{ mb: lastMoved ? 1 : 0 }}>
        {lastMoved && (
          <>
            {lastMoved.said}{' '}
            <Button disabled={change.isPending} onClick={undo}>
              Undo
            </Button>
          </>
        )}
      </Box>
      <Conflicts said={data.conflicts} label="What could not be met" />
      <Conflicts said={data.offered} label="What the record asks for since you changed this week" />
      {data.days.length === 0 && (
        <Box sx={{ color: ink.faint, fontSize: 18, mt: 2 }}>
          No day of this week is left to plan. Go on to the week after.
        </Box>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: `repeat(${Math.max(1, data.days.length)}, minmax(0, 1fr))`,
          },
          gap: 2,
        }}
      >
        {data.days.map((day) => (
          <Box component="section" key={day.date} aria-label={dayInWords(day.date)}>
            <Box component="h2" sx={{ fontSize: 17, m: 0, borderBottom: `2px solid ${ink.ink}` }}>
              {dayInWords(day.date)}
            </Box>
            {day.groups.length === 0 && <Box sx={{ color: ink.faint, mt: 1 }}>Free</Box>}
            {day.groups.length > 0 && <DayBars groups={day.groups} minutes={data.minutes} />}
            {day.groups.length > 0 && <DaySheets classId={classId} date={day.date} />}
            {day.groups.map((group) => (
              <Box key={group.key} sx={{ borderBottom: `1px solid ${ink.hair}` }}>
                <GroupLine
                  classId={classId}
                  week={week}
                  date={day.date}
                  group={group}
                  taken={taken?.date === day.date ? taken.pupil.id : undefined}
                  onPupil={(pupil) => take(pupil, day.date)}
                />
                {taken === undefined ? (
                  <OnDay
                    group={group.title}
                    day={day.date}
                    days={data.days.map(({ date }) => date)}
                    onMove={(to) =>
                      become(toDay(data.days, group.key, to), `${group.title} is on ${dayInWords(to)} now.`)
                    }
                  />
                ) : (
                  <Box sx={{ pb: 0.75 }}>
                    {taken.date === day.date && group.pupils.some((each) => each.id === taken.pupil.id) ? (
                      <Button
                        sx={{ p: '1px 9px' }}
                        onClick={() =>
                          become(
                            withoutPupil(data.days, taken),
                            `${taken.pupil.name} is out of ${dayInWords(day.date)}.`,
                          )
                        }
                      >
                        Out of this day
                      </Button>
                    ) : (
                      <Button
                        sx={{ p: '1px 9px' }}
                        onClick={() =>
                          become(
                            intoGroup(data.days, taken, group.key),
                            `${taken.pupil.name} works with “${group.title}” on ${dayInWords(day.date)}.`,
                          )
                        }
                      >
                        Into this group
                      </Button>
                    )}
                  </Box>
                )}
              </Box>
            ))}
          </Box>
        ))}
      </Box>
      {data.idle.length > 0 && data.days.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <b>With nothing planned: </b>
          {data.idle.map((pupil) => (
            <Button
              key={pupil.id}
              onClick={() => take(pupil)}
              aria-pressed={taken?.pupil.id === pupil.id && taken.date === undefined}
              sx={{
                p: '0 6px',
                fontWeight: 400,
                bgcolor: taken?.pupil.id === pupil.id ? ink.amber : undefined,
              }}
            >
              {pupil.name}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}
