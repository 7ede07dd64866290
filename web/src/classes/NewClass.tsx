import { Box, Button } from '@mui/material';
import { useId, useState } from 'react';
import { Field } from '../app/Field';
import { Lines } from '../app/Lines';
import { ink } from '../app/ink';
import { useMakeClass } from './useClasses';

/** A new class: its name, and the short names of its pupils, a line each. */
export function NewClass({ onDone }: { onDone: () => void }) {
  const [name, setName] = useState('');
  const [pupils, setPupils] = useState('');
  const make = useMakeClass();
  const id = useId();
  const faults = make.error?.faults.filter((fault) => fault.field !== 'name') ?? [];
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        make.mutate({ name, pupils: namesIn(pupils) }, { onSuccess: onDone });
      }}
      sx={{ maxWidth: 420, my: 1.5 }}
    >
      <Field
        label="Name of the class"
        value={name}
        onChange={setName}
        fault={make.error?.about('name')}
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
        faults={faults.map((fault) => fault.message)}
        placeholder={'Ida M\nTom B\nSana K'}
      />
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button type="submit" variant="contained" disabled={make.isPending}>
          Make the class
        </Button>
        <Button onClick={onDone}>Make no class</Button>
      </Box>
    </Box>
  );
}

/** The names in what was typed or pasted: a line each, or parted as a spreadsheet parts them. */
export const namesIn = (typed: string) => typed.split(/[\n\t;,]/);
