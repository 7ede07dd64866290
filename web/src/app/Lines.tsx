import { InputBase, type InputBaseProps } from '@mui/material';
import { useId } from 'react';
import { digits, ink } from './ink';
import { Trouble } from './Trouble';

type Props = Omit<InputBaseProps, 'error'> & {
  /** What is wrong with what stands there, line by line. */
  faults?: string[];
};

/** Several lines to write on, in the letters a class reads; what is wrong with them stands below. */
export function Lines({ sx, faults = [], ...rest }: Props) {
  const said = useId();
  const wrong = faults.length > 0;
  return (
    <>
      <InputBase
        multiline
        fullWidth
        error={wrong}
        aria-describedby={wrong ? said : undefined}
        sx={{
          font: `400 16px/1.5 ${digits}`,
          color: ink.ink,
          bgcolor: ink.sheet,
          border: `1px solid ${wrong ? ink.wrong : ink.faint}`,
          p: 1,
          ...sx,
        }}
        {...rest}
      />
      <div id={said}>
        {faults.map((fault) => (
          <Trouble key={fault} message={fault} />
        ))}
      </div>
    </>
  );
}
