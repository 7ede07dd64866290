import { Box, Button } from '@mui/material';
import { ink } from '../app/theme';
import type { Pen } from './usePen';

const figures = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '0'];

/** Keys for who writes by touch. */
export function NumberPad({ pen }: { pen: Pen }) {
  const keys = [
    ...figures.map((figure) => ({ label: figure, name: figure, press: () => pen.digit(figure) })),
    { label: '▫', name: 'Small figure', press: pen.toSmall },
    { label: '╱', name: 'Strike out', press: pen.strike },
    { label: '⌫', name: 'Rub out', press: pen.rub },
    { label: '←', name: 'Left', press: () => pen.move('left') },
    { label: '↑', name: 'Up', press: () => pen.move('up') },
    { label: '↓', name: 'Down', press: () => pen.move('down') },
    { label: '→', name: 'Right', press: () => pen.move('right') },
  ];
  return (
    <Box
      role="group"
      aria-label="Number pad"
      sx={{ display: 'grid', gridTemplateColumns: { xs: 'repeat(6, 1fr)', md: 'repeat(3, 1fr)' }, gap: 0.75 }}
    >
      {keys.map((key) => (
        <Button
          key={key.name}
          variant="outlined"
          aria-label={key.name}
          aria-pressed={key.name === 'Small figure' ? pen.small : undefined}
          onClick={key.press}
          // The pen stays on the paper while keys are pressed.
          onMouseDown={(event) => event.preventDefault()}
          sx={{
            p: 0,
            minHeight: 44,
            fontSize: 19,
            borderColor: ink.hair,
            bgcolor: key.name === 'Small figure' && pen.small ? ink.amber : ink.sheet,
          }}
        >
          {key.label}
        </Button>
      ))}
    </Box>
  );
}
