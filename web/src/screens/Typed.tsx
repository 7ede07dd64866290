import { useId, type ComponentProps } from 'react';
import { Trouble } from '../app/Trouble';

type Props = Omit<ComponentProps<'input'>, 'onChange'> & {
  label: string;
  onChange: (value: string) => void;
  fault?: string;
};

/** A line to type on, with its name above and what is wrong below. */
export function Typed({ label, onChange, fault, ...rest }: Props) {
  const id = useId();
  return (
    <div className="typed">
      <label>
        <span>{label}</span>
        <input
          {...rest}
          onChange={(event) => onChange(event.target.value)}
          aria-invalid={Boolean(fault)}
          aria-describedby={fault ? id : undefined}
        />
      </label>
      <Trouble id={id} message={fault} />
    </div>
  );
}
