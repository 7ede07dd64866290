import { Checkbox, FormControlLabel } from '@mui/material';

type Props = { label: string; checked: boolean; onChange: (checked: boolean) => void };

/** Something that is so or not. */
export function Tick({ label, checked, onChange }: Props) {
  return (
    <FormControlLabel
      label={label}
      control={<Checkbox checked={checked} onChange={(event) => onChange(event.target.checked)} />}
    />
  );
}
