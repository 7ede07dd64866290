import { Box } from '@mui/material';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { Schemas } from '../api/client';
import { Tabs } from '../app/Tabs';
import { digits, ink } from '../app/theme';
import type { Entry } from '../log/useLog';
import { SheetPainter } from '../sheet/SheetPainter';
import { EmptyPaper } from './EmptyPaper';
import { LogPanel } from './LogPanel';
import { ProblemLine } from './ProblemLine';
import { StepButtons } from './StepButtons';
import { StepList } from './StepList';
import { StyleChoices } from './StyleChoices';
import { useLogging } from './useLogging';
import { useStyleChange, useWorked } from './usePaper';
import { useStepKeys } from './useStepKeys';
import { useSteps } from './useSteps';

type Props = {
  typed: string;
  /** The log's entry that is open again, written as it was. */
  opened?: Entry;
  style: Schemas['StyleView'];
  onBegin: (typed: string) => void;
};

const panels = [
  { id: 'steps', label: 'Steps' },
  { id: 'writing', label: 'Writing' },
  { id: 'log', label: 'Log' },
] as const;
type Panel = (typeof panels)[number]['id'];

/** One problem on paper. */
export function Paper({ typed, opened, style, onBegin }: Props) {
  const [panel, setPanel] = useState<Panel>('steps');
  const [ownChoices, setOwnChoices] = useState<Record<string, string>>();
  const work = useMemo<Schemas['WorkRequest']>(() => {
    if (opened) {
      return ownChoices ? { ...opened.work, style: ownChoices } : opened.work;
    }
    return { problem: typed, style: style.chosen };
  }, [opened, ownChoices, typed, style.chosen]);
  const chosen = work.style ?? {};
  const worked = useWorked(work);
  const steps = useSteps(worked.data?.steps, opened ? 'end' : 'first');
  const styleChange = useStyleChange();
  const problemLine = useRef<HTMLInputElement>(null);
  const settled = worked.isSuccess && !worked.isPlaceholderData;
  const finished = settled && steps.lastOfWork > 0 && steps.current >= steps.lastOfWork;
  const logging = useLogging(work, finished, opened);
  useStepKeys(
    steps,
    useCallback(() => {
      problemLine.current?.focus();
      problemLine.current?.select();
    }, []),
  );

  const choose = (choice: string, option: string) => {
    if (opened) {
      setOwnChoices({ ...chosen, [choice]: option });
    } else {
      styleChange.mutate({ [choice]: option });
    }
  };
  const step = worked.data?.steps[steps.current - 1];
  return (
    <Box
      sx={{
        height: '100%',
        minHeight: 560,
        p: '18px 28px 14px 26px',
        display: 'grid',
        gridTemplateRows: 'auto minmax(0, 1fr) auto',
        gridTemplateColumns: 'minmax(0, 1fr)',
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 3, pb: 1.5, minHeight: 72 }}>
        <ProblemLine typed={typed} fault={worked.error} onBegin={onBegin} input={problemLine} />
        {opened && (
          <Box sx={{ color: ink.faint, pt: 1, fontSize: 14 }}>
            From the log, written as it was on {new Date(opened.workedAt).toLocaleDateString()}.
          </Box>
        )}
      </Box>
      {worked.data && !worked.isError ? (
        <>
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) 284px' },
              gap: 3,
              minHeight: 0,
            }}
          >
            <SheetPainter
              sheet={worked.data.sheet}
              step={steps.current}
              lastOfPart={steps.lastOfPart}
              name={`${worked.data.problem}, step ${steps.current} of ${steps.count}`}
            />
            <Box
              sx={{
                borderLeft: `1px solid ${ink.hair}`,
                pl: 2,
                minHeight: 0,
                display: 'flex',
                flexDirection: 'column',
              }}
            >
              <Tabs label="Beside the paper" value={panel} options={[...panels]} onChange={setPanel} />
              <Box sx={{ overflow: 'auto', mt: 1.5, minHeight: 0, p: '2px 4px' }}>
                {panel === 'steps' && (
                  <StepList steps={worked.data.steps} current={steps.current} onGo={steps.goTo} />
                )}
                {panel === 'writing' && (
                  <StyleChoices choices={style.choices} chosen={chosen} onChoose={choose} />
                )}
                {panel === 'log' && <LogPanel logging={logging} finished={finished} />}
              </Box>
            </Box>
          </Box>
          <Box sx={{ pt: 1.5, minHeight: 122, display: 'grid', gridTemplateColumns: '1fr auto', gap: 3 }}>
            <Box
              component="p"
              aria-live="polite"
              data-testid="sentence"
              sx={{ font: `400 26px/1.35 ${digits}`, m: 0, maxWidth: 830 }}
            >
              {step?.say}
            </Box>
            <StepButtons steps={steps} check={worked.data.check} logging={logging} />
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
