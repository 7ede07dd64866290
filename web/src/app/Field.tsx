import { Box, TextField } from '@mui/material';
import { useId, type ComponentProps, type Ref } from 'react';
import { ink } from './ink';
import { Trouble } from './Trouble';

type Props = Omit<ComponentProps<'input'>, 'onChange' | 'color' | 'ref' | 'size'> & {
  label: string;
  value: string;
  onChange: (value: string) => void;
  fault?: string;
  /** What it is for, in a few words, where its label cannot say so. */
  hint?: string;
  input?: Ref<HTMLInputElement>;
  /** What there is to choose from, for who does not want another word. */
  choices?: string[];
};

/** A line to write on, with its name above and what is wrong below. */
export function Field({ label, value, onChange, fault, hint, input, choices = [], ...rest }: Props) {
  const id = useId();
  const list = choices.length > 0 ? `${id}-choices` : undefined;
  return (
    <>
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
          htmlInput: { ...rest, ref: input, list },
          inputLabel: { shrink: true },
          formHelperText: { component: 'div' } as object,
        }}
      />
      {list && (
        <datalist id={list}>
          {choices.map((choice) => (
            <option key={choice} value={choice} />
          ))}
        </datalist>
      )}
    </>
  );
}
