import { Box, Button } from '@mui/material';
import { ink } from '../app/ink';
import { useInSight } from '../app/useInSight';
import type { Listed, SchoolClass } from './useClasses';

type Props = {
  base: SchoolClass;
  theirs: SchoolClass;
  onTheirs: () => void;
  /** Keeps what is here, and who was added there. */
  onBoth: (added: Listed[]) => void;
};

/** Two windows have changed one list: what the other did is shown, and nobody is taken out by the way. */
export function ListOfAnotherWindow({ base, theirs, onTheirs, onBoth }: Props) {
  const box = useInSight<HTMLDivElement>();
  const before = new Map(base.pupils.map((pupil) => [pupil.id, pupil.name]));
  const after = new Set(theirs.pupils.map((pupil) => pupil.id));
  const added = theirs.pupils.filter((pupil) => !before.has(pupil.id));
  const renamed = theirs.pupils.filter((pupil) => (before.get(pupil.id) ?? pupil.name) !== pupil.name);
  const gone = base.pupils.filter((pupil) => !after.has(pupil.id));
  const names = (pupils: { name: string }[]) => pupils.map((pupil) => pupil.name).join(', ');
  return (
    <Box ref={box} role="alert" sx={{ border: `2px solid ${ink.wrong}`, bgcolor: ink.sheet, p: 1.5, my: 1 }}>
      <b>This list was changed in another window.</b> Nothing is lost yet: choose which to keep.
      <Box component="ul" sx={{ m: '4px 0', pl: 3 }}>
        {added.length > 0 && <li>Added there: {names(added)}</li>}
        {renamed.length > 0 && <li>Spelt anew there: {names(renamed)}</li>}
        {gone.length > 0 && (
          <li>
            Taken out there: {names(gone)}. If you keep what is here,{' '}
            {gone.length === 1 ? 'this child' : 'these children'} will be in the class again.
          </li>
        )}
        {theirs.name !== base.name && <li>The class is called {theirs.name} there</li>}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => onBoth(added)}>
          {added.length > 0 ? 'Keep what is here, and who was added' : 'Keep what is here'}
        </Button>
        <Button variant="outlined" onClick={onTheirs}>
          Take the other window’s
        </Button>
      </Box>
    </Box>
  );
}
