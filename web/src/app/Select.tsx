import { Box } from '@mui/material';
import { useId } from 'react';
import { ink } from './theme';

type Props = {
  label: string;
  value: string;
  options: { id: string; label: string }[];
  onChange: (id: string) => void;
};

/** One of a few, chosen from a list. */
export function Select({ label, value, options, onChange }: Props) {
  const id = useId();
  return (
    <Box sx={{ mt: 0.75 }}>
      <Box component="label" htmlFor={id} sx={{ display: 'block', fontSize: 14 }}>
        {label}
      </Box>
      <Box
        component="select"
        id={id}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        sx={{
          width: '100%',
          font: 'inherit',
          fontSize: 15,
          color: ink.ink,
          bgcolor: ink.sheet,
          border: `1px solid ${ink.faint}`,
          borderRadius: 0,
          p: '4px 6px',
        }}
      >
        {options.map((option) => (
          <option key={option.id} value={option.id}>
            {option.label}
          </option>
        ))}
      </Box>
    </Box>
  );
}
