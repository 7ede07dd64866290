import { Box } from '@mui/material';
import { ClassForm } from './ClassForm';
import { useClasses } from './useClasses';

/** Who is in the class. */
export function NamesPanel({ classId }: { classId: number }) {
  const of = useClasses().data?.find((each) => each.id === classId);
  return <Box>{of && <ClassForm key={of.pupils.length} of={of} onDone={() => undefined} />}</Box>;
}
