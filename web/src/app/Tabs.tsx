import { Box, ToggleButton } from '@mui/material';

type Props<T extends string> = {
  label: string;
  value: T;
  options: { id: T; label: string }[];
  onChange: (id: T) => void;
  small?: boolean;
};

/**
 * A few words side by side, the chosen one underlined. No group of MUI's: its arrow keys move among the buttons,
 * and here the arrows move through a working.
 */
export function Tabs<T extends string>({ label, value, options, onChange, small }: Props<T>) {
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: 'inline-flex', columnGap: small ? 1.5 : 2, flexWrap: 'wrap' }}
    >
      {options.map((option) => (
        <ToggleButton
          key={option.id}
          value={option.id}
          selected={option.id === value}
          onChange={() => option.id !== value && onChange(option.id)}
          sx={{ fontSize: small ? 15 : 16 }}
        >
          {option.label}
        </ToggleButton>
      ))}
    </Box>
  );
}
