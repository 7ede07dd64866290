import { Box, Button, Dialog } from '@mui/material';
import { useState, type KeyboardEvent } from 'react';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useQuery } from '../app/useQuery';
import { MistakeMarks } from '../board/MistakeMarks';
import { useStyle, useWorked } from '../paper/usePaper';
import { SheetPainter } from '../sheet/SheetPainter';

export type Opened = { problem: string; given: string; slips: string[] };

/** A wrong answer's presumed working beside the right one, step by step, ringed where it first goes wrong. */
export function FindingDialog({ opened, onClose }: { opened: Opened; onClose: () => void }) {
  const style = useStyle();
  const choices = style.data?.chosen;
  const right = useWorked(choices && { problem: opened.problem, style: choices });
  const judged = useQuery<Schemas['DiagnoseResponse'], Refused>({
    queryKey: keys.diagnosis.fits(opened, choices),
    queryFn: () => ask(api.POST('/api/diagnose', { body: { ...opened, style: choices } })),
    enabled: choices !== undefined,
  });
  const [step, setStep] = useState<number>();
  const finding =
    judged.data?.findings.find((each) => isOf(each, opened.slips) && each.working) ??
    judged.data?.findings.find((each) => each.working);
  const steps = Math.max(lastOf(right.data), lastOf(finding?.working));
  const now = step ?? steps;
  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
      event.preventDefault();
      setStep(Math.max(1, Math.min(steps, now + (event.key === 'ArrowRight' ? 1 : -1))));
    }
  };
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="lg"
      onKeyDown={onKey}
      aria-label={`${opened.problem}, ${opened.given}`}
    >
      <Box sx={{ p: 2.5, bgcolor: ink.page }}>
        <Trouble message={(judged.error ?? right.error)?.message} />
        <Box component="p" sx={{ m: '0 0 10px', fontSize: 17 }}>
          {finding
            ? finding.say
            : judged.isSuccess
              ? 'Nothing known leads to this answer. Look at the paper.'
              : 'Looking …'}
        </Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 2 }}>
          {finding?.working && (
            <Side title={`Presumed: ${finding.name}`} worked={finding.working} step={now} ringed />
          )}
          {right.data && <Side title="Right" worked={right.data} step={now} />}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
          <Button variant="outlined" disabled={now <= 1} onClick={() => setStep(now - 1)}>
            Back
          </Button>
          <Button variant="outlined" disabled={now >= steps} onClick={() => setStep(now + 1)}>
            Next
          </Button>
          <Button onClick={onClose} sx={{ ml: 'auto' }}>
            Close
          </Button>
        </Box>
      </Box>
    </Dialog>
  );
}

const isOf = (finding: Schemas['DiagnosedView'], slips: string[]) =>
  finding.slip === slips[0] && finding.with === slips[1];

const lastOf = (worked?: Schemas['WorkResponse']) =>
  worked?.steps.filter((step) => step.part === 'work').length ?? 1;

type SideProps = { title: string; worked: Schemas['WorkResponse']; step: number; ringed?: boolean };

function Side({ title, worked, step, ringed = false }: SideProps) {
  const last = lastOf(worked);
  const shown = Math.min(step, last);
  return (
    <Box>
      <Box component="h2" sx={{ m: '0 0 4px', fontSize: 17 }}>
        {title}
      </Box>
      <Box sx={{ display: 'grid', height: 340 }}>
        <SheetPainter sheet={worked.sheet} step={shown} lastOfWork={last} name={title}>
          {ringed && <MistakeMarks worked={worked} step={shown} ringed struck={false} />}
        </SheetPainter>
      </Box>
      <Box sx={{ minHeight: 48, mt: 0.5, fontSize: 15 }}>{worked.steps[shown - 1]?.say}</Box>
    </Box>
  );
}
