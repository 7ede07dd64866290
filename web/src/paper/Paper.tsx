import { Box } from '@mui/material';
import { useCallback, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { Tabs } from '../app/Tabs';
import { digits, ink } from '../app/theme';
import type { BoardState } from '../board/BoardScreen';
import type { Entry } from '../log/useLog';
import { SheetPainter } from '../sheet/SheetPainter';
import { BesidePaper } from './BesidePaper';
import { BesidePicture } from './BesidePicture';
import { CheckPanel } from './CheckPanel';
import { EmptyPaper } from './EmptyPaper';
import { EstimatePanel } from './EstimatePanel';
import { LogPanel } from './LogPanel';
import { PaperHead } from './PaperHead';
import { ProblemLine } from './ProblemLine';
import { StepButtons } from './StepButtons';
import { StepList } from './StepList';
import { useLogging } from './useLogging';
import { useWorked } from './usePaper';
import { useStepKeys } from './useStepKeys';
import { beyond, useSteps } from './useSteps';
import { useWays } from './useWays';
import { useWriting } from './useWriting';
import { WordsPanel } from './WordsPanel';
import { WritingPanel } from './WritingPanel';

type Props = {
  typed: string;
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
export function Paper({ typed, opened, style, onBegin, startAt }: Props) {
  const [panel, setPanel] = useState<Panel>('steps');
  const [beside, setBeside] = useState('');
  const writing = useWriting(typed, opened, style);
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
  const toBoard = () => {
    const state: BoardState = {
      works: [writing.work],
      at: 0,
      step: steps.current,
      back: location.pathname + location.search,
    };
    navigate('/board', { state });
  };
  const toCheck = () => steps.goTo(steps.lastOfWork + 1);
  const besideLabel = ways?.methods.find((way) => way.id === beside)?.label;
  const picture = ways?.pictures.find((each) => each.id === beside);

  return (
    <Box sx={screen}>
      <PaperHead
        line={<ProblemLine typed={typed} fault={worked.error} onBegin={onBegin} input={problemLine} />}
        ways={worked.isError ? undefined : ways}
        method={data?.method}
        onMethod={(id) => {
          writing.setMethod(id);
          steps.startAnew();
        }}
        beside={beside}
        onBeside={setBeside}
        note={opened && `From the log, as it was on ${new Date(opened.workedAt).toLocaleDateString()}.`}
      />
      {data && !worked.isError ? (
        <>
          <Box sx={besideLabel || picture ? pair : papers}>
            <SheetPainter
              sheet={data.sheet}
              step={steps.current}
              lastOfPart={steps.lastOfPart}
              name={`${data.problem}, step ${steps.current} of ${steps.count}`}
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
            ) : (
              <Box sx={side}>
                <Tabs
                  label="Beside the paper"
                  value={panel}
                  options={[...panels]}
                  onChange={setPanel}
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
                    <WordsPanel work={writing.work} problem={data.problem} logging={logging} />
                  )}
                  {panel === 'log' && <LogPanel logging={logging} finished={finished} />}
                </Box>
              </Box>
            )}
          </Box>
          <Box sx={{ pt: 1.5, minHeight: 122, display: 'grid', gridTemplateColumns: '1fr auto', gap: 3 }}>
            <Box component="p" aria-live="polite" data-testid="sentence" sx={sentence}>
              {data.steps[steps.current - 1]?.say}
            </Box>
            <StepButtons
              steps={steps}
              check={data.check}
              logging={logging}
              onCheck={toCheck}
              onBoard={toBoard}
            />
          </Box>
        </>
      ) : (
        <Box sx={{ display: 'flex', flexDirection: 'column' }}>
          {worked.isPending ? <Box sx={{ color: ink.faint, mt: 4 }}>Working …</Box> : <EmptyPaper />}
        </Box>
      )}
    </Box>
  );
}

const screen = {
  height: '100%',
  minHeight: 560,
  p: '18px 28px 14px 26px',
  display: 'grid',
  gridTemplateRows: 'auto minmax(0, 1fr) auto',
  gridTemplateColumns: 'minmax(0, 1fr)',
} as const;

const papers = {
  display: 'grid',
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) 296px' },
  gap: 3,
  minHeight: 0,
} as const;

const pair = { ...papers, gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)' } as const;

const side = {
  borderLeft: `1px solid ${ink.hair}`,
  pl: 2,
  minHeight: 0,
  display: 'flex',
  flexDirection: 'column',
} as const;

const sentence = { font: `400 26px/1.35 ${digits}`, m: 0, maxWidth: 830 } as const;
