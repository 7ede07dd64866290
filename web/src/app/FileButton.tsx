import { Button, type ButtonProps } from '@mui/material';
import { useRef } from 'react';

type Props = Omit<ButtonProps, 'onClick' | 'children'> & {
  /** What stands on the button. */
  text: string;
  /** What the chooser behind it is called. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
};

/** A button that asks for a file; the same file can be chosen again. */
export function FileButton({ text, label, accept, onFile, ...button }: Props) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onClick={() => chooser.current?.click()}>
        {text}
      </Button>
      <input
        ref={chooser}
        type="file"
        accept={accept}
        aria-label={label}
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) {
            onFile(file);
          }
          event.target.value = '';
        }}
      />
    </>
  );
}
