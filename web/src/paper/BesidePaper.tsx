import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { SheetPainter } from '../sheet/SheetPainter';
import { useWorked } from './usePaper';

type Props = { work: Schemas['WorkRequest']; method: string; label: string; step: number; atEnd: boolean };

/** The same problem by another method, stepped together with the first; both end together. */
export function BesidePaper({ work, method, label, step, atEnd }: Props) {
  const worked = useWorked({ ...work, method });
  if (!worked.data) {
    return <Trouble message={worked.error?.message} />;
  }
  const lastOfWork = worked.data.steps.findLast((each) => each.part === 'work')?.n ?? 1;
  const at = atEnd ? lastOfWork : Math.min(step, lastOfWork);
  return (
    <Box sx={{ display: 'grid', gridTemplateRows: 'minmax(0, 1fr) auto', minHeight: 0 }}>
      <SheetPainter
        sheet={worked.data.sheet}
        step={at}
        lastOfWork={lastOfWork}
        name={`${worked.data.problem}, ${label}, step ${at} of ${lastOfWork}`}
      />
      <Box
        component="p"
        data-testid="sentence-beside"
        sx={{ font: `400 18px/1.35 ${digits}`, color: ink.ink, m: '6px 0 0', minHeight: 74 }}
      >
        {worked.data.steps[at - 1]?.say}
      </Box>
    </Box>
  );
}
