import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { OneStop } from '../app/OneStop';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { SlipThumb } from '../glance/SlipThumb';
import { lessonAt, ofGroup } from '../lesson/lessons';
import { useOpenAtScreens } from '../screens/useScreens';
import { PupilName } from './PupilName';
import { usePlannedSet, type Group } from './usePlan';

export const kinds: Record<string, string> = {
  retry: 'comes back',
  again: 'again',
  quiz: 'after the quiz',
  next: 'next',
  extend: 'further',
};

type Props = {
  classId: number;
  week?: string;
  /** The day of the lesson. */
  date: string;
  group: Group;
  /** Whether its lesson is what comes first. */
  first?: boolean;
  onPupil?: (pupil: Group['pupils'][number]) => void;
  taken?: number;
};

/** A group: what it does, who is in it, the ways to its sheet, and why. */
export function GroupLine({ classId, week, date, group, first = false, onPupil, taken }: Props) {
  const [why, setWhy] = useState(false);
  const set = usePlannedSet(classId, week);
  const open = useOpenAtScreens();
  const navigate = useNavigate();
  const atScreens = () =>
    set.mutate(group.key, {
      onSuccess: ({ setId }) =>
        open.mutate(
          {
            classId,
            setId,
            pupils: group.pupils.map((pupil) => pupil.id),
            led: false,
          },
          { onSuccess: (session) => navigate(`/screens/${session.id}`) },
        ),
    });
  const toSheet = group.setId === undefined ? 'Make the sheet' : 'To the sheet';
  const busy = set.isPending || open.isPending;
  const names = byReason(group).flatMap(({ why, catchesUp, pupils }) =>
    pupils.map((pupil) => ({ why, catchesUp, pupil })),
  );
  return (
    <Box sx={{ py: 0.75 }}>
      <Box component="h3" sx={{ fontSize: 16, lineHeight: 1.3, m: 0 }}>
        {group.title}
      </Box>
      <Box sx={{ display: 'flex', columnGap: 1, alignItems: 'baseline', flexWrap: 'wrap', fontSize: 14 }}>
        <Box component="span" sx={{ color: group.kind === 'next' ? ink.faint : ink.plum }}>
          {kinds[group.kind]}
        </Box>
        <Box component="span" sx={{ color: ink.faint }}>
          {group.questions} questions, {group.minutes} min
        </Box>
        <Box component="span" sx={{ fontWeight: group.withYou ? 700 : 400 }}>
          {group.withYou?.words ?? 'alone'}
          {!group.withYou && group.left > 2 && `, then ${group.left} min: ${group.then}`}
        </Box>
      </Box>
      <OneStop sx={{ my: 0.25 }} aria-label={`Who: ${group.title}`}>
        {names.map(({ why, catchesUp, pupil }) => (
          <PupilName
            key={pupil.id}
            name={pupil.name}
            joins={why === 'joins'}
            catchesUp={catchesUp}
            taken={taken === pupil.id}
            onPress={onPupil && (() => onPupil(pupil))}
          />
        ))}
      </OneStop>
      {why && <Why group={group} />}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {group.withYou && (
          <Button
            variant={first ? 'contained' : 'outlined'}
            sx={small}
            component={Link}
            to={lessonAt(ofGroup(classId, date, group))}
            aria-label={`The lesson: ${group.title}`}
          >
            The lesson
          </Button>
        )}
        <Button
          variant="outlined"
          sx={small}
          disabled={busy}
          onClick={() => set.mutate(group.key, { onSuccess: ({ setId }) => navigate(`/sets/${setId}`) })}
          aria-label={`${toSheet}: ${group.title}`}
        >
          {toSheet}
        </Button>
        <Button
          variant="outlined"
          sx={small}
          disabled={busy}
          onClick={atScreens}
          aria-label={`Open at screens: ${group.title}`}
        >
          Open at screens
        </Button>
        <Button
          sx={{ ...small, px: 0.5, fontWeight: 400, textDecoration: 'underline' }}
          aria-expanded={why}
          aria-label={`Why: ${group.title}`}
          onClick={() => setWhy(!why)}
        >
          Why
        </Button>
      </Box>
      <Trouble message={set.error?.message ?? open.error?.message} />
    </Box>
  );
}

/** What it rests on: why the group comes, and what brings each of its pupils here. */
function Why({ group }: { group: Group }) {
  return (
    <Box sx={{ fontSize: 14, color: ink.faint, lineHeight: 1.4, mb: 0.75 }}>
      <Box>{group.reason}</Box>
      {byReason(group).map(({ because, why, pupils }) => (
        <Box key={because} sx={{ mt: 0.25 }}>
          <Box component="span" sx={{ color: ink.ink }}>
            {pupils.map((pupil) => pupil.name).join(' · ')}
          </Box>{' '}
          {why === 'joins' ? `${pupils.length === 1 ? 'joins in' : 'join in'}: ` : ''}
          {because}
        </Box>
      ))}
      {group.slip && group.slipName && (
        <SlipThumb slip={group.slip} operation={group.operation} name={group.slipName} />
      )}
    </Box>
  );
}

/** The pupils of a group by what brings them here, those who need it first. */
function byReason({ pupils, seats }: Group) {
  const reasons: { because: string; why: string; catchesUp: boolean; pupils: Group['pupils'] }[] = [];
  for (const seat of seats) {
    const pupil = pupils.find((each) => each.id === seat.pupil);
    const there = reasons.find((each) => each.because === seat.because);
    if (pupil && there) there.pupils.push(pupil);
    else if (pupil)
      reasons.push({ because: seat.because, why: seat.why, catchesUp: seat.catchesUp, pupils: [pupil] });
  }
  return reasons.toSorted((one, other) => order.indexOf(one.why) - order.indexOf(other.why));
}

const order = ['needs', 'joins', 'chosen'];

const small = { p: '1px 9px', fontSize: 14 } as const;
