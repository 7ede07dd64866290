import { Checkbox, FormControlLabel } from '@mui/material';

type Props = {
  label: string;
  /** What it is about, where the label is the same as others'. */
  name?: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
};

/** Something that is so or not. */
export function Tick({ label, name, checked, onChange }: Props) {
  return (
    <FormControlLabel
      label={label}
      control={
        <Checkbox
          checked={checked}
          onChange={(event) => onChange(event.target.checked)}
          slotProps={{ input: { 'aria-label': name } }}
        />
      }
    />
  );
}
