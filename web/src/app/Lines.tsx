import { InputBase, type InputBaseProps } from '@mui/material';
import { digits, ink } from './theme';

/** Several lines to write on, in the letters a class reads. */
export function Lines({ sx, ...rest }: InputBaseProps) {
  return (
    <InputBase
      multiline
      fullWidth
      sx={{
        font: `400 16px/1.5 ${digits}`,
        color: ink.ink,
        bgcolor: ink.sheet,
        border: `1px solid ${rest.error ? ink.wrong : ink.faint}`,
        p: 1,
        ...sx,
      }}
      {...rest}
    />
  );
}
