import { Box, Button } from '@mui/material';
import { Link, useParams } from 'react-router';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { PupilsAddress } from './PupilsAddress';
import { useSession, useSessionChange, type Session } from './useScreens';

/** Who is where in a set that is open at screens, live. */
export function WatchScreen() {
  const id = Number(useParams().id);
  const session = useSession(id);
  const { end, giveBack, anyDevice, reopen } = useSessionChange(id);
  if (!session.data) {
    return (
      <Box sx={{ p: 4 }}>
        {session.isError ? <Trouble message={session.error.message} /> : 'Opening the door …'}
      </Box>
    );
  }
  const { data } = session;
  const count = (state: string) => data.places.filter((place) => place.state === state).length;
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' } }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2.5, flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ m: 0 }}>
          {data.title}
        </Box>
        <Link to={`/classes/${data.classId}?part=screens`}>{data.className}</Link>
        <Link to={`/marking/${data.markingId}`}>The pile it goes into</Link>
      </Box>
      <Box sx={{ display: 'flex', gap: 5, alignItems: 'center', flexWrap: 'wrap', my: 1.5 }}>
        <Box>
          <Box sx={{ color: ink.faint, maxWidth: 480 }}>
            {data.ended ? 'The code has ended' : <PupilsAddress then="and type" />}
          </Box>
          <Box
            data-testid="code"
            sx={{
              font: `700 54px/1.1 ${digits}`,
              letterSpacing: '0.12em',
              textDecoration: data.ended ? 'line-through' : undefined,
              color: data.ended ? ink.faint : ink.ink,
            }}
          >
            {data.code}
          </Box>
        </Box>
        <Box role="status" sx={{ fontSize: 18 }}>
          {!data.ended && `${count('writing')} writing · `}
          {count('handed-in')} handed in
          {count('collected') > 0 && ` · ${count('collected')} collected, not finished`} · {count('away')}{' '}
          {data.ended ? 'did not write' : 'not here yet'}
        </Box>
        {!data.ended && (
          <Button variant="outlined" onClick={() => end.mutate()} disabled={end.isPending}>
            End the code
          </Button>
        )}
        {data.ended && (
          <Button variant="outlined" onClick={() => reopen.mutate()} disabled={reopen.isPending}>
            Open it again
          </Button>
        )}
      </Box>
      <Trouble
        message={
          end.error?.message ?? reopen.error?.message ?? giveBack.error?.message ?? anyDevice.error?.message
        }
      />
      <Box
        component="ul"
        aria-label="Pupils"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(235px, 1fr))',
          columnGap: 3,
        }}
      >
        {data.places.map((place) => (
          <Place
            key={place.pupil.id}
            place={place}
            session={data}
            onBack={() => giveBack.mutate(place.pupil.id)}
            onAnyDevice={() => anyDevice.mutate(place.pupil.id)}
          />
        ))}
      </Box>
    </Box>
  );
}

type PlaceProps = {
  place: Session['places'][number];
  session: Session;
  onBack: () => void;
  onAnyDevice: () => void;
};

function Place({ place, session, onBack, onAnyDevice }: PlaceProps) {
  const where =
    place.state === 'away'
      ? 'not here yet'
      : place.state === 'handed-in'
        ? '✓ handed in'
        : place.state === 'collected'
          ? `collected, ${place.begun} of ${session.questions} begun`
          : place.at === undefined
            ? 'has come in'
            : `at question ${place.at}`;
  return (
    <Box component="li" sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <b>{place.pupil.name}</b>
        {session.asksDigits && <Box sx={{ fontFamily: digits, color: ink.faint }}>{place.digits}</Box>}
        {place.run && (
          <Box component="span" sx={{ ml: 'auto', fontSize: 14 }}>
            <Link to={`/write/run/${place.run}`} aria-label={`papers of ${place.pupil.name}`}>
              papers
            </Link>
          </Box>
        )}
      </Box>
      <Box sx={{ color: place.state === 'handed-in' ? ink.right : ink.faint, fontSize: 15 }}>
        {where}
        {place.state === 'handed-in' && !session.ended && (
          <Button onClick={onBack} sx={{ p: '0 6px', fontSize: 14 }}>
            Give back
          </Button>
        )}
      </Box>
      {place.onTheWay && !session.ended && (
        <Box sx={{ color: ink.ink, fontSize: 15 }}>
          … what was written last may be still on the way: this device cannot be reached just now
        </Box>
      )}
      {place.otherDeviceAt && !session.ended && (
        <Box sx={{ color: ink.wrong, fontSize: 15 }}>
          ▲ a second device writes under this name{' '}
          <Button
            onClick={onAnyDevice}
            aria-label={`Let it write as ${place.pupil.name}`}
            sx={{ p: '0 6px', fontSize: 14 }}
          >
            Let it write
          </Button>
        </Box>
      )}
      <Squares filled={place.begun} of={session.questions} done={place.state === 'handed-in'} />
    </Box>
  );
}

/** A square a question, filled where it is begun. */
function Squares({ filled, of, done }: { filled: number; of: number; done: boolean }) {
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`${filled} of ${of} questions begun`}
      width="100%"
      height="10"
      viewBox={`0 0 ${Math.max(of, 12) * 12} 10`}
      preserveAspectRatio="xMinYMid meet"
      sx={{ display: 'block', mt: 0.5 }}
    >
      {Array.from({ length: of }, (_, index) => (
        <rect
          key={index}
          x={index * 12 + 0.5}
          y="0.5"
          width="9"
          height="9"
          fill={index < filled ? (done ? ink.right : ink.ink) : 'none'}
          stroke={ink.faint}
        />
      ))}
    </Box>
  );
}
