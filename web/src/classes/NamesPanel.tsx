import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { FileButton } from '../app/FileButton';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { dayOfMomentInWords } from '../app/timeInWords';
import { Trouble } from '../app/Trouble';
import { ClassForm } from './ClassForm';
import {
  useBringBack,
  useClasses,
  useDeletePupil,
  useFormer,
  useMovePupils,
  useTakeListIn,
  useWhatGoes,
  type SchoolClass,
} from './useClasses';

/** Who is in the class: the list, in and out; moving on at the year's end; deleting for good. */
export function NamesPanel({ classId }: { classId: number }) {
  const classes = useClasses();
  const of = classes.data?.find((each) => each.id === classId);
  if (!of) {
    return <Trouble message={classes.error?.message} />;
  }
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '430px minmax(0, 1fr)' },
        columnGap: 6,
      }}
    >
      <Box>
        <Box component="h2" sx={head}>
          The list
        </Box>
        <ClassForm key={of.id} of={of} onDone={() => undefined} />
      </Box>
      <Box>
        <Box component="h2" sx={head}>
          In and out
        </Box>
        <Files of={of} />
        <Box component="h2" sx={{ ...head, mt: 3 }}>
          To another class
        </Box>
        <MoveOn of={of} classes={classes.data ?? []} />
        <Box component="h2" sx={{ ...head, mt: 3 }}>
          Taken out of the class
        </Box>
        <Former of={of} />
        <Box component="h2" sx={{ ...head, mt: 3 }}>
          Delete a pupil for good
        </Box>
        <ForGood of={of} />
      </Box>
    </Box>
  );
}

function Files({ of }: { of: SchoolClass }) {
  const takeIn = useTakeListIn(of.id);
  return (
    <>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <FileButton
          variant="outlined"
          text="Add names from CSV"
          label="Class list as CSV"
          accept=".csv,text/csv"
          disabled={takeIn.isPending}
          onFile={(file) => takeIn.mutate(file)}
        />
        <Button variant="outlined" component="a" href={`/api/classes/${of.id}/list.csv`}>
          List as CSV
        </Button>
        <Button variant="outlined" component="a" href={`/api/classes/${of.id}/answers.csv`}>
          All answers as CSV
        </Button>
        <Button variant="outlined" component="a" href={`/api/classes/${of.id}/class.json`}>
          Everything as JSON
        </Button>
      </Box>
      {takeIn.error?.faults.map((fault) => (
        <Trouble key={fault.field + fault.message} message={fault.message} />
      ))}
      {takeIn.isSuccess && <Box role="status">The class has {takeIn.data.pupils.length} pupils now.</Box>}
    </>
  );
}

function MoveOn({ of, classes }: { of: SchoolClass; classes: SchoolClass[] }) {
  const move = useMovePupils(of.id);
  const [chosen, setChosen] = useState<number[]>([]);
  const [to, setTo] = useState('');
  const others = classes.filter((each) => each.id !== of.id);
  if (others.length === 0) {
    return (
      <Box sx={{ color: ink.faint }}>
        There is no other class yet. Make the new one first; what a child did goes with them.
      </Box>
    );
  }
  return (
    <>
      <Box sx={{ color: ink.faint, fontSize: 15, mb: 0.5 }}>
        Press who moves on; what they did goes with them.
      </Box>
      <Box>
        {of.pupils.map((pupil) => (
          <Button
            key={pupil.id}
            aria-pressed={chosen.includes(pupil.id)}
            onClick={() =>
              setChosen(
                chosen.includes(pupil.id)
                  ? chosen.filter((each) => each !== pupil.id)
                  : [...chosen, pupil.id],
              )
            }
            sx={{ p: '1px 8px', fontWeight: 400, bgcolor: chosen.includes(pupil.id) ? ink.amber : undefined }}
          >
            {pupil.name}
          </Button>
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-end', mt: 1 }}>
        <Box sx={{ width: 220 }}>
          <Select
            label="They go to"
            value={to}
            options={[
              { id: '', label: 'Choose a class' },
              ...others.map((each) => ({ id: String(each.id), label: each.name })),
            ]}
            onChange={setTo}
          />
        </Box>
        <Button onClick={() => setChosen(of.pupils.map((pupil) => pupil.id))}>Everybody</Button>
        <Button
          variant="outlined"
          disabled={!to || chosen.length === 0 || move.isPending}
          onClick={() =>
            move.mutate({ pupils: chosen, toClass: Number(to) }, { onSuccess: () => setChosen([]) })
          }
        >
          Move {chosen.length || ''}
        </Button>
      </Box>
      {move.error?.faults.map((fault) => (
        <Trouble key={fault.field + fault.message} message={fault.message} />
      ))}
    </>
  );
}

/** Who was taken out; what they did is kept, and they can come back. */
function Former({ of }: { of: SchoolClass }) {
  const former = useFormer(of.id);
  const back = useBringBack();
  return (
    <>
      {former.data?.length === 0 && <Box sx={{ color: ink.faint }}>Nobody.</Box>}
      {former.data?.map((pupil) => (
        <Box key={pupil.id} sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline' }}>
          <Link to={`/pupils/${pupil.id}`}>{pupil.name}</Link>
          <Box sx={{ color: ink.faint, fontSize: 14 }}>left {dayOfMomentInWords(pupil.leftAt)}</Box>
          <Button
            sx={{ p: '0 6px', fontWeight: 400, textDecoration: 'underline' }}
            disabled={back.isPending}
            onClick={() => back.mutate(pupil.id)}
            aria-label={`Bring back ${pupil.name}`}
          >
            Bring back
          </Button>
        </Box>
      ))}
      <Trouble message={former.error?.message ?? back.error?.message} />
      {back.isSuccess && <Box role="status">Back in the class, with all they did.</Box>}
    </>
  );
}

function ForGood({ of }: { of: SchoolClass }) {
  const former = useFormer(of.id);
  const [pupil, setPupil] = useState('');
  const goes = useWhatGoes(pupil ? Number(pupil) : undefined);
  const remove = useDeletePupil();
  return (
    <>
      <Box sx={{ width: 220 }}>
        <Select
          label="Pupil"
          value={pupil}
          options={[
            { id: '', label: 'Choose a pupil' },
            ...of.pupils.map((each) => ({ id: String(each.id), label: each.name })),
            ...(former.data ?? []).map((each) => ({ id: String(each.id), label: `${each.name}, taken out` })),
          ]}
          onChange={setPupil}
        />
      </Box>
      {goes.data && pupil && (
        <Box sx={{ mt: 1 }}>
          With {goes.data.pupil.name} go the name, {goes.data.answers} marked answers, {goes.data.papers}{' '}
          papers written at screens, and what you and colleagues said about them. This cannot be undone.
          <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
            <Button
              variant="contained"
              color="error"
              disabled={remove.isPending}
              onClick={() => remove.mutate(Number(pupil), { onSuccess: () => setPupil('') })}
            >
              Delete {goes.data.pupil.name} for good
            </Button>
            <Button onClick={() => setPupil('')}>Leave them here</Button>
          </Box>
        </Box>
      )}
      <Trouble message={goes.error?.message ?? remove.error?.message} />
      {remove.isSuccess && <Box role="status">Deleted, with everything about them.</Box>}
    </>
  );
}

const head = { fontSize: 18, m: '0 0 6px', borderBottom: `1px solid ${ink.hair}` } as const;
