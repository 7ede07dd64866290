import { Box, Button } from '@mui/material';
import { Link, useNavigate } from 'react-router';
import { ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { SlipThumb } from '../glance/SlipThumb';
import { lessonAt, ofGroup } from '../lesson/lessons';
import { useOpenAtScreens } from '../screens/useScreens';
import { PupilName } from './PupilName';
import { groupInWords, usePlannedSet, type Group } from './usePlan';

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
  onPupil?: (pupil: Group['pupils'][number]) => void;
  taken?: number;
};

/** A group: what it does and why, who is in it, and the two ways to its sheet. */
export function GroupLine({ classId, week, date, group, onPupil, taken }: Props) {
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
  const whose = groupInWords(group);
  const toSheet = group.setId === undefined ? 'Make the sheet' : 'To the sheet';
  const busy = set.isPending || open.isPending;
  return (
    <Box sx={{ py: 0.75 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <b>{group.title}</b>
        <Box component="span" sx={{ color: group.kind === 'next' ? ink.faint : ink.plum }}>
          {kinds[group.kind]}
        </Box>
        <Box component="span" sx={{ color: ink.faint, fontSize: 14 }}>
          {group.questions} questions, {group.minutes} min
        </Box>
        <Box component="span" sx={{ fontSize: 14, fontWeight: group.withYou ? 700 : 400 }}>
          {group.withYou ? `${group.left > 0 ? `first ${group.left} min ` : ''}with you` : 'alone'}
          {!group.withYou && group.left > 2 && `, then ${group.left} min: ${group.then}`}
        </Box>
      </Box>
      <Box sx={{ fontSize: 14, color: ink.faint }}>{group.reason}</Box>
      {byReason(group).map(({ because, why, pupils }) => (
        <Box key={because} sx={{ my: 0.25, lineHeight: 1.5 }}>
          {pupils.map((pupil, index) => (
            <PupilName
              key={pupil.id}
              name={pupil.name}
              first={index === 0}
              taken={taken === pupil.id}
              onPress={onPupil && (() => onPupil(pupil))}
            />
          ))}{' '}
          <Box component="span" sx={{ fontSize: 14, color: ink.faint }}>
            {why === 'joins' ? `${pupils.length === 1 ? 'joins in' : 'join in'}: ` : ''}
            {because}
          </Box>
        </Box>
      ))}
      {group.slip && group.slipName && (
        <SlipThumb slip={group.slip} operation={group.operation} name={group.slipName} />
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {group.withYou && (
          <Button
            variant="outlined"
            sx={small}
            component={Link}
            to={lessonAt(ofGroup(classId, date, group))}
            aria-label={`The lesson for ${whose}`}
          >
            The lesson
          </Button>
        )}
        <Button
          variant="outlined"
          sx={small}
          disabled={busy}
          onClick={() => set.mutate(group.key, { onSuccess: ({ setId }) => navigate(`/sets/${setId}`) })}
          aria-label={`${toSheet} for ${whose}`}
        >
          {toSheet}
        </Button>
        <Button
          variant="outlined"
          sx={small}
          disabled={busy}
          onClick={atScreens}
          aria-label={`Open at screens for ${whose}`}
        >
          Open at screens
        </Button>
      </Box>
      <Trouble message={set.error?.message ?? open.error?.message} />
    </Box>
  );
}

/** The pupils of a group by what brings them here, those who need it first. */
function byReason({ pupils, seats }: Group) {
  const reasons: { because: string; why: string; pupils: Group['pupils'] }[] = [];
  for (const seat of seats) {
    const pupil = pupils.find((each) => each.id === seat.pupil);
    const there = reasons.find((each) => each.because === seat.because);
    if (pupil && there) there.pupils.push(pupil);
    else if (pupil) reasons.push({ because: seat.because, why: seat.why, pupils: [pupil] });
  }
  return reasons.toSorted((one, other) => order.indexOf(one.why) - order.indexOf(other.why));
}

const order = ['needs', 'joins', 'chosen'];

const small = { p: '1px 9px', fontSize: 14 } as const;
