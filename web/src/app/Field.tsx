import { Box, TextField } from '@mui/material';
import { useId, type ComponentProps, type Ref } from 'react';
import { ink } from './theme';
import { Trouble } from './Trouble';

type Props = Omit<ComponentProps<'input'>, 'onChange' | 'color' | 'ref' | 'size'> & {
  label: string;
  value: string;
  onChange: (value: string) => void;
  fault?: string;
  /** What it is for, in a few words, where its label cannot say so. */
  hint?: string;
  input?: Ref<HTMLInputElement>;
};

/** A line to write on, with its name above and what is wrong below. */
export function Field({ label, value, onChange, fault, hint, input, ...rest }: Props) {
  const id = useId();
  return (
    <TextField
      id={id}
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={Boolean(fault)}
      variant="standard"
      fullWidth
      sx={{ mb: 2 }}
      helperText={
        fault ? (
          <Trouble message={fault} />
        ) : (
          hint && <Box sx={{ color: ink.faint, fontSize: 13 }}>{hint}</Box>
        )
      }
      slotProps={{
        htmlInput: { ...rest, ref: input },
        inputLabel: { shrink: true },
        formHelperText: { component: 'div' } as object,
      }}
    />
  );
}
