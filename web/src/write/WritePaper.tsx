import { Box, Button } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useEffect, useId, useRef, useState } from 'react';
import { Tabs } from '../app/Tabs';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useLetterKeys } from '../style/usePreferences';
import { AboutPanel } from './AboutPanel';
import { AfterMarking } from './AfterMarking';
import { useBegunAgain } from './begunAgain';
import { CopiedLine } from './CopiedLine';
import { inSquare } from './figures';
import { focusOnPaper } from './focus';
import { heard } from './marksOfPaper';
import { NumberPad } from './NumberPad';
import { ReplayPanel } from './ReplayPanel';
import { OnwardsInRun, RunLine } from './RunLine';
import { useAttempt } from './useAttempt';
import { useMarkedSoFar, useMarking, useNext, type AttemptView, type Paper } from './useAttempts';
import { useHelp } from './useHelp';
import { usePen } from './usePen';
import { pressFirst, writeKeys } from './writeKeys';
import { WritingSheet } from './WritingSheet';

type Props = { attempt: AttemptView; paper: Paper };

const panels = [
  { id: 'write', label: 'Write' },
  { id: 'replay', label: 'Replay' },
  { id: 'about', label: 'About it' },
] as const;
type Panel = (typeof panels)[number]['id'];

/** The paper, the pen, and what is said of what was written. */
export function WritePaper({ attempt, paper }: Props) {
  const { settings } = attempt;
  const keeping = useAttempt(attempt);
  const again = useBegunAgain(paper, keeping.figures);
  const pen = usePen(again.pen, keeping.figures, Date.parse(attempt.begunAt), keeping.add);
  const marking = useMarking(attempt, keeping.flush);
  // What is said of a paper is said of what stood there, and not of it once more is written.
  const count = keeping.figures.filter((figure) => figure.kind !== 'nudge').length;
  const [markedBefore] = useState(attempt.state !== 'open' ? count : undefined);
  const [askedAt, setAskedAt] = useState<number>();
  const asked = askedAt === count;
  const handedIn = marking.variables === count ? marking.data : undefined;
  const shown = markedBefore === count || handedIn !== undefined;
  const [panel, setPanel] = useState<Panel>('write');
  const [replayed, setReplayed] = useState<number>();
  const begun = keeping.figures.some((figure) => figure.at > 0);
  const atOnce = settings.marking === 'once';
  const soFar = useMarkedSoFar(attempt, settings, keeping.figures, atOnce || asked || shown);
  // A paper that was marked before is marked again where it is opened; nothing of it is kept anew.
  const marked = handedIn ?? (shown || atOnce || asked ? soFar : undefined);
  const help = useHelp(attempt, again.pen, keeping.figures, pen);
  const letters = useLetterKeys();
  const led = useNext(attempt, settings, keeping.figures);
  const next = again.pen.squares.findIndex((square) => {
    const target = help.shown ?? (settings.led ? led : undefined);
    return target !== undefined && !target.done && inSquare(target, square);
  });
  const said = useId();
  const sheet = useRef<HTMLDivElement>(null);
  const foot = useId();
  const verdicts = new Map(marked?.figures.map((figure, index) => [String(index), figure]));

  const ledTo =
    settings.led && led && !led.done ? again.pen.squares.findIndex((square) => inSquare(led, square)) : -1;
  const { goTo } = pen;
  useEffect(() => {
    if (ledTo >= 0) {
      goTo(ledTo);
    }
  }, [ledTo, count, goTo]);

  useEffect(() => {
    focusOnPaper(sheet.current);
  }, []);

  const handIn = () => marking.mutate(count);
  const replaying = panel === 'replay' && replayed !== undefined;

  return (
    <Box sx={screen}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap', pb: 1 }}>
        <Box component="h1" sx={{ m: 0, fontFamily: digits, fontWeight: 400, overflowWrap: 'anywhere' }}>
          {attempt.problem}
        </Box>
        <RunLine attempt={attempt} />
        <CopiedLine attempt={attempt} taken={handedIn !== undefined} />
        <Box role="status" sx={{ ml: 'auto', color: ink.faint, fontSize: 14 }}>
          {keeping.saving === 'saved'
            ? begun
              ? '✓ saved'
              : ''
            : keeping.saving === 'saving'
              ? 'saving …'
              : keeping.refused
                ? `Not saved: ${keeping.refused} It is kept on this device.`
                : '… not saved yet: kept on this device until Bemble answers'}
        </Box>
      </Box>
      <Box ref={sheet} sx={{ display: 'grid', minHeight: 0 }}>
        {replaying ? (
          <ReplayPanel.Sheet
            paper={again.sheet}
            figures={keeping.figures}
            upTo={replayed}
            name={attempt.problem}
          />
        ) : (
          <WritingSheet
            paper={again.sheet}
            there={pen.there}
            crossedOut={again.crossedOut}
            at={pen.at}
            small={pen.small}
            next={next < 0 ? undefined : next}
            marked={marked}
            name={attempt.problem}
            describedBy={said}
            onSquare={pen.goTo}
            onKeyDown={writeKeys(pen, letters ? help.more : () => undefined, () => pressFirst(foot))}
          />
        )}
        <Box id={said} aria-live="polite" data-testid="square" sx={visuallyHidden}>
          {pen.square && heard(pen.square, pen.there, verdicts)}
        </Box>
      </Box>
      <Box sx={side}>
        <Tabs label="Beside the paper" value={panel} options={[...panels]} onChange={setPanel} small />
        <Box sx={{ overflow: 'auto', mt: 1.5, minHeight: 0, p: '2px 4px' }}>
          {panel === 'write' && (
            <>
              <Box sx={{ color: ink.faint, fontSize: 14, mb: 1, minHeight: 22 }} data-testid="here">
                {pen.square?.name}
                {pen.small && ', small figure'}
                {pen.atEnd && ': the line is full here'}
              </Box>
              <NumberPad pen={pen} />
              <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
                <Button onClick={pen.undo} sx={underlined}>
                  Undo
                </Button>
                <Button onClick={pen.redo} sx={underlined}>
                  Redo
                </Button>
                <Button onClick={() => pen.note('unclear')} sx={underlined}>
                  Unclear
                </Button>
                <Button onClick={() => pen.note('mirror')} sx={underlined}>
                  Mirrored
                </Button>
                {!again.again && (
                  <Button onClick={() => again.begin(goTo, sheet.current)} sx={underlined}>
                    Begin again below
                  </Button>
                )}
              </Box>
              <Keys />
            </>
          )}
          {panel === 'replay' && (
            <ReplayPanel attempt={attempt} figures={keeping.figures} at={replayed} onAt={setReplayed} />
          )}
          {panel === 'about' && <AboutPanel attempt={attempt} />}
        </Box>
      </Box>
      <Box sx={{ pt: 1.5, minHeight: { md: 116 }, gridColumn: '1 / -1' }}>
        <Box id={foot} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
          {attempt.run && settings.marking === 'end' && attempt.state === 'open' ? (
            <OnwardsInRun run={attempt.run} id={attempt.id} />
          ) : (
            <Button variant="contained" onClick={handIn} disabled={marking.isPending}>
              {attempt.copied ? 'Mark it, into the pile' : 'Hand in and mark'}
            </Button>
          )}
          {settings.marking === 'asked' && (
            <Button variant="outlined" onClick={() => setAskedAt(count)}>
              Mark it so far
            </Button>
          )}
          <Button variant="outlined" onClick={help.more}>
            {help.label}
          </Button>
        </Box>
        {help.said && (
          <Box role="status" sx={{ font: `400 20px/1.35 ${digits}` }}>
            {help.said}
          </Box>
        )}
        <Trouble message={marking.error?.message ?? help.error} />
        {marked && <AfterMarking marked={marked} whole={shown} attempt={attempt} />}
      </Box>
    </Box>
  );
}

/** Which keys do what, for who writes without touching the mouse. */
function Keys() {
  return (
    <Box
      sx={{
        display: { xs: 'none', md: 'block' },
        color: ink.faint,
        fontSize: 13.5,
        mt: 1.5,
        lineHeight: 1.7,
      }}
    >
      Digits write along a line · arrows move · <b>Enter</b> goes to the next line · <b>.</b> small figure ·{' '}
      <b>-</b> strikes out · <b>Backspace</b> rubs out · <b>Ctrl+Z</b>, <b>Ctrl+Y</b> undo, redo · <b>?</b>{' '}
      unclear · <b>!</b> mirrored · <b>h</b> help · <b>Ctrl+Enter</b> done
    </Box>
  );
}

const underlined = { p: '0 4px', textDecoration: 'underline', fontWeight: 400 } as const;
const screen = {
  height: { xs: 'auto', md: '100%' },
  minHeight: { md: 560 },
  p: { xs: '10px 12px', md: '16px 28px 12px 26px' },
  display: 'grid',
  columnGap: 3,
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 268px' },
  gridTemplateRows: { xs: 'auto minmax(280px, 50vh) auto auto', md: 'auto minmax(0, 1fr) auto' },
  '& > :first-of-type': { gridColumn: '1 / -1' },
} as const;
const side = {
  borderLeft: { md: `1px solid ${ink.hair}` },
  pl: { md: 2 },
  pt: { xs: 1.5, md: 0 },
  minHeight: 0,
  display: 'flex',
  flexDirection: 'column',
} as const;
