import { ToggleButton, ToggleButtonGroup } from '@mui/material';

type Props<T extends string> = {
  label: string;
  value: T;
  options: { id: T; label: string }[];
  onChange: (id: T) => void;
  small?: boolean;
};

/** A few words side by side, the chosen one underlined. */
export function Tabs<T extends string>({ label, value, options, onChange, small }: Props<T>) {
  return (
    <ToggleButtonGroup
      exclusive
      aria-label={label}
      value={value}
      onChange={(_, id: T | null) => onChange(id ?? value)}
      sx={{ columnGap: small ? 1.5 : 2, flexWrap: 'wrap' }}
    >
      {options.map((option) => (
        <ToggleButton key={option.id} value={option.id} sx={{ fontSize: small ? 15 : 16 }}>
          {option.label}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
