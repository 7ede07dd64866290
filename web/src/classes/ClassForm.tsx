import { Box, Button } from '@mui/material';
import { useId, useState } from 'react';
import { Field } from '../app/Field';
import { Lines } from '../app/Lines';
import { ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { useKeepClass, type SchoolClass } from './useClasses';

/** A class's name and the short names of its pupils, a line each. */
export function ClassForm({ of, onDone }: { of?: SchoolClass; onDone: () => void }) {
  const [name, setName] = useState(of?.name ?? '');
  const [pupils, setPupils] = useState(of?.pupils.map((pupil) => pupil.name).join('\n') ?? '');
  const keep = useKeepClass();
  const id = useId();
  const faults = keep.error?.faults.filter((fault) => fault.field !== 'name') ?? [];
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate({ id: of?.id, name, pupils: pupils.split(/[\n\t;,]/) }, { onSuccess: onDone });
      }}
      sx={{ maxWidth: 420, my: 1.5 }}
    >
      <Field
        label="Name of the class"
        value={name}
        onChange={setName}
        fault={keep.error?.about('name')}
        autoFocus
      />
      <Box component="label" htmlFor={id} sx={{ color: ink.faint, fontSize: 14 }}>
        Pupils, a short name a line
      </Box>
      <Lines
        id={id}
        value={pupils}
        onChange={(event) => setPupils(event.target.value)}
        minRows={8}
        maxRows={20}
        error={faults.length > 0}
        placeholder={'Ida M\nTom B\nSana K'}
      />
      {faults.map((fault) => (
        <Trouble key={fault.field + fault.message} message={fault.message} />
      ))}
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button type="submit" variant="contained" disabled={keep.isPending}>
          {of ? 'Keep' : 'Make the class'}
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </Box>
      {of && (
        <Box sx={{ color: ink.faint, fontSize: 14, mt: 1 }}>
          Whose name is taken away leaves the class; their papers are kept.
        </Box>
      )}
    </Box>
  );
}
