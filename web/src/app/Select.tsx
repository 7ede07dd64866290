import { TextField } from '@mui/material';
import { useId } from 'react';

type Props<Id extends string> = {
  label: string;
  value: string;
  options: { id: Id; label: string }[];
  onChange: (id: Id) => void;
  /** What the list is of, where several have the same label. */
  of?: string;
};

/** One of a few, chosen from a list: the browser's own list, which every phone and screen reader knows. */
export function Select<Id extends string>({ label, value, options, onChange, of }: Props<Id>) {
  const id = useId();
  return (
    <TextField
      id={id}
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value as Id)}
      variant="standard"
      fullWidth
      sx={{ mt: 0.75 }}
      slotProps={{
        select: { native: true },
        htmlInput: of ? { 'aria-label': `${label}, ${of}` } : undefined,
        inputLabel: { shrink: true, htmlFor: id },
      }}
    >
      {options.map((option) => (
        <option key={option.id} value={option.id}>
          {option.label}
        </option>
      ))}
    </TextField>
  );
}
