import { Box } from '@mui/material';
import { ink } from '../app/ink';
import type { SheetMark } from './mark';
import { Marks } from './Marks';

/** A sheet as a small picture of the marks that stand there. */
export function SmallSheet(props: { marks: SheetMark[]; name: string }) {
  const visible = props.marks.filter((mark) => mark.kind !== 'wash' || mark.toRow === mark.row);
  const rows = 1 + Math.max(0, ...visible.map((mark) => mark.toRow ?? mark.row));
  const columns = visible.map((mark) => mark.column);
  const left = Math.min(...columns);
  const width = Math.max(...visible.map((mark) => mark.toColumn ?? mark.column)) - left + 1;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={props.name}
      viewBox={`${left - 0.5} -0.3 ${width + 1} ${rows + 0.6}`}
      sx={{
        width: '100%',
        height: 118,
        bgcolor: ink.sheet,
        border: `1px solid ${ink.hair}`,
        display: 'block',
      }}
    >
      <Marks visible={visible} fresh={[]} />
    </Box>
  );
}
