import { Box } from '@mui/material';
import { useId, type ComponentProps } from 'react';
import { ink } from './theme';
import { Trouble } from './Trouble';

type Props = Omit<ComponentProps<'input'>, 'onChange'> & {
  label: string;
  value: string;
  onChange: (value: string) => void;
  fault?: string;
};

/** A line to write on, with its name above and what is wrong below. */
export function Field({ label, value, onChange, fault, ...input }: Props) {
  const id = useId();
  return (
    <Box sx={{ mb: 2 }}>
      <Box component="label" htmlFor={id} sx={{ display: 'block', color: ink.faint, fontSize: 14 }}>
        {label}
      </Box>
      <Box
        component="input"
        id={id}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        aria-invalid={Boolean(fault)}
        aria-describedby={fault ? `${id}-fault` : undefined}
        {...input}
        sx={{
          width: '100%',
          font: 'inherit',
          fontSize: 17,
          color: ink.ink,
          bgcolor: 'transparent',
          border: 0,
          borderBottom: `2px solid ${fault ? ink.wrong : ink.ink}`,
          py: 0.5,
        }}
      />
      <Trouble id={`${id}-fault`} message={fault} />
    </Box>
  );
}
