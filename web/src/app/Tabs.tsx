import { Box } from '@mui/material';
import { digits, ink } from './theme';

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
    <Box
      role="group"
      aria-label={label}
      sx={{ display: 'flex', columnGap: small ? 1.5 : 2, flexWrap: 'wrap' }}
    >
      {options.map((option) => (
        <Box
          key={option.id}
          component="button"
          type="button"
          aria-pressed={option.id === value}
          onClick={() => onChange(option.id)}
          sx={{
            border: 0,
            bgcolor: 'transparent',
            p: '2px 0',
            cursor: 'pointer',
            fontFamily: digits,
            fontSize: small ? 15 : 16,
            color: option.id === value ? ink.ink : ink.faint,
            fontWeight: option.id === value ? 700 : 400,
            borderBottom: `3px solid ${option.id === value ? ink.amberDeep : 'transparent'}`,
          }}
        >
          {option.label}
        </Box>
      ))}
    </Box>
  );
}
