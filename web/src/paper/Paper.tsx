import { Box } from '@mui/material';
import { useCallback, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { Tabs } from '../app/Tabs';
import { digits, ink } from '../app/ink';
import { dayOfMomentInWords } from '../app/timeInWords';
import { useWide } from '../app/useWide';
import type { BoardState } from '../board/subject';
import type { Entry } from '../log/useLog';
import { SheetPainter } from '../sheet/SheetPainter';
import { Cue } from '../style/Cue';
import { BesidePaper } from './BesidePaper';
import { BesidePicture } from './BesidePicture';
import { CheckPanel } from './CheckPanel';
import { EmptyPaper } from './EmptyPaper';
import { EstimatePanel } from './EstimatePanel';
import { LogPanel } from './LogPanel';
import { PaperHead } from './PaperHead';
import { PaperMore } from './PaperMore';
import { ProblemLine } from './ProblemLine';
import { StepButtons } from './StepButtons';
import { StepList } from './StepList';
import { useLogging } from './useLogging';
import { useWorked } from './usePaper';
import { useStepKeys } from './useStepKeys';
import { beyond, useSteps } from './useSteps';
import { useWays } from './useWays';
import { useWriting, type Typed } from './useWriting';
import { WordsPanel } from './WordsPanel';
import { WritingPanel } from './WritingPanel';

type Props = Typed & {
  /** The log's entry that is open again, written as it was. */
  opened?: Entry;
  style: Schemas['StyleView'];
  onBegin: (typed: string) => void;
  /** The step to show first, where one comes back to it. */
  startAt?: number;
};

const panels = [
  { id: 'steps', label: 'Steps' },
  { id: 'writing', label: 'Writing' },
  { id: 'estimate', label: 'Estimate' },
  { id: 'check', label: 'Check' },
  { id: 'words', label: 'In words' },
  { id: 'log', label: 'Log' },
] as const;
type Panel = (typeof panels)[number]['id'];

/** One problem on paper. */
export function Paper({ typed, typedPoint, opened, style, onBegin, startAt }: Props) {
  const roomy = useWide();
  const [chosen, setPanel] = useState<Panel>();
  // Where there is little room the steps wait behind their tab.
  const panel = chosen ?? (roomy ? 'steps' : undefined);
  const [beside, setBeside] = useState('');
  const writing = useWriting({ typed, typedPoint }, opened, style);
  const worked = useWorked(writing.work);
  const steps = useSteps(worked.data?.steps, startAt ?? (opened ? beyond : 1));
  const ways = useWays(worked.data?.operation);
  const navigate = useNavigate();
  const location = useLocation();
  const problemLine = useRef<HTMLInputElement>(null);
  const settled = worked.isSuccess && !worked.isPlaceholderData;
  const finished = settled && steps.lastOfWork > 0 && steps.current >= steps.lastOfWork;
  const logging = useLogging(writing.work, finished, opened);
  useStepKeys(
    steps,
    useCallback(() => {
      problemLine.current?.focus();
      problemLine.current?.select();
    }, []),
  );
  const { data } = worked;
  // Typed with another point than is chosen now, it would be read as something else.
  const line = typedPoint && typedPoint !== style.chosen.point ? (data?.written ?? typed) : typed;
  const toBoard = () => {
    const state: BoardState = {
      works: [writing.work],
      at: 0,
      step: steps.current,
      back: location.pathname + location.search,
    };
    navigate('/board', { state });
  };
  const toWrite = () => {
    const asked = new URLSearchParams(opened ? { entry: String(opened.id) } : { problem: line });
    asked.set('method', data?.method ?? '');
    navigate(`/write?${asked}`);
  };
  const toCheck = () => steps.goTo(steps.lastOfWork + 1);
  const besideLabel = ways?.methods.find((way) => way.id === beside)?.label;
  const picture = ways?.pictures.find((each) => each.id === beside);

  return (
    <Box sx={screen}>
      <PaperHead
        line={
          <ProblemLine key={line} typed={line} fault={worked.error} onBegin={onBegin} input={problemLine} />
        }
        ways={worked.isError ? undefined : ways}
        method={data?.method}
        onMethod={(id) => {
          writing.setMethod(id);
          steps.startAnew();
        }}
        beside={beside}
        onBeside={setBeside}
        note={opened && `From the log, as it was on ${dayOfMomentInWords(opened.workedAt)}.`}
      />
      {data && !worked.isError ? (
        <>
          <Box
            sx={besideLabel || picture ? pair : alone}
            tabIndex={-1}
            data-goes-on
            style={{ outline: 'none' }}
          >
            <SheetPainter
              sheet={data.sheet}
              step={steps.current}
              lastOfWork={steps.lastOfWork}
              name={`${data.written}, step ${steps.current} of ${steps.count}`}
            />
            {besideLabel ? (
              <BesidePaper
                work={writing.work}
                method={beside}
                label={besideLabel}
                step={steps.current}
                atEnd={finished}
              />
            ) : picture ? (
              <BesidePicture work={writing.work} kind={picture.id} step={steps.current} />
            ) : null}
          </Box>
          <Box sx={saying}>
            <Box component="p" aria-live="polite" data-testid="sentence" sx={sentence}>
              <Cue kinds={data.steps[steps.current - 1]?.cues} size={17} />
              {data.steps[steps.current - 1]?.say}
            </Box>
            <StepButtons
              steps={steps}
              check={data.check}
              logging={logging}
              onCheck={toCheck}
              onBoard={toBoard}
              onWrite={toWrite}
              more={
                <PaperMore
                  work={writing.work}
                  problem={data.written}
                  method={data.method}
                  step={steps.current}
                />
              }
            />
          </Box>
          {!besideLabel && !picture && (
            <Box sx={side}>
              <Tabs
                label="Beside the paper"
                value={panel ?? ''}
                options={[...panels]}
                onChange={(id) => setPanel(id as Panel)}
                small
              />
              <Box sx={{ overflow: 'auto', mt: 1.5, minHeight: 0, p: '2px 4px' }}>
                {panel === 'steps' && (
                  <StepList steps={data.steps} current={steps.current} onGo={steps.goTo} />
                )}
                {panel === 'writing' && (
                  <WritingPanel writing={writing} choices={style.choices} fromLog={opened !== undefined} />
                )}
                {panel === 'estimate' && <EstimatePanel work={writing.work} finished={finished} />}
                {panel === 'check' && (
                  <CheckPanel worked={data} done={steps.current === steps.count} onCheck={toCheck} />
                )}
                {panel === 'words' && (
                  <WordsPanel work={writing.work} problem={data.written} logging={logging} />
                )}
                {panel === 'log' && <LogPanel logging={logging} finished={finished} />}
              </Box>
            </Box>
          )}
        </>
      ) : (
        <Box sx={{ display: 'flex', flexDirection: 'column', gridColumn: '1 / -1' }}>
          {worked.isPending ? <Box sx={{ color: ink.faint, mt: 4 }}>Working …</Box> : <EmptyPaper />}
        </Box>
      )}
    </Box>
  );
}

const screen = {
  minHeight: { xs: 0, md: 560 },
  height: { xs: 'auto', md: '100%' },
  p: { xs: '10px 12px', md: '18px 28px 14px 26px' },
  display: 'grid',
  columnGap: 3,
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 296px' },
  gridTemplateRows: { xs: 'auto', md: 'auto minmax(0, 1fr) auto' },
  '& > :first-of-type': { gridColumn: '1 / -1' },
} as const;
const alone = {
  display: 'grid',
  gridTemplateColumns: 'minmax(0, 1fr)',
  gridTemplateRows: 'minmax(0, 1fr)',
  height: { xs: '52vh', md: 'auto' },
  minHeight: { xs: 260, md: 0 },
} as const;
const pair = {
  display: 'grid',
  gridColumn: '1 / -1',
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) minmax(0, 1fr)' },
  gap: 3,
  height: { xs: '104vh', sm: '56vh', md: 'auto' },
  minHeight: 0,
} as const;
const saying = {
  pt: 1.5,
  minHeight: { md: 122 },
  gridColumn: '1 / -1',
  display: 'grid',
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr auto' },
  gap: { xs: 1, md: 3 },
} as const;
const side = {
  borderLeft: { md: `1px solid ${ink.hair}` },
  pl: { md: 2 },
  pt: { xs: 1.5, md: 0 },
  minHeight: 0,
  display: 'flex',
  flexDirection: 'column',
  gridColumn: { md: 2 },
  gridRow: { md: 2 },
} as const;
const sentence = {
  font: `400 26px/1.35 ${digits}`,
  fontSize: { xs: 20, md: 26 },
  m: 0,
  maxWidth: 830,
} as const;
