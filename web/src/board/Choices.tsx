import { Button } from '@mui/material';

type Props = {
  options: { id: string; label: string; because?: string }[];
  onChoose: (id: string) => void;
  first?: boolean;
};

/** Choices under each other; the first takes the focus. Those that cannot be taken say why. */
export function Choices({ options, onChoose, first = false }: Props) {
  const at = options.findIndex((option) => !option.because);
  return options.map((option, i) =>
    option.because ? (
      <span key={option.id} style={{ padding: '6px 14px', maxWidth: 500 }}>
        {option.label}: {option.because}
      </span>
    ) : (
      <Button
        key={option.id}
        autoFocus={first && i === at}
        onClick={() => onChoose(option.id)}
        sx={{ font: 'inherit', textAlign: 'left', color: 'inherit' }}
      >
        {option.label}
      </Button>
    ),
  );
}
