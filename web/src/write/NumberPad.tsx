import { useWide } from '../app/useWide';
import type { Pen } from './usePen';

type Key = { label: string; name: string; press: () => void; wide?: boolean };

/** Keys for who writes by touch: a block where there is room, three rows on a phone. */
export function NumberPad({ pen }: { pen: Pen }) {
  const roomy = useWide();
  const digit = (figure: string): Key => ({ label: figure, name: figure, press: () => pen.digit(figure) });
  const small = { label: '▫', name: 'Small figure', press: pen.toSmall };
  const strike = { label: '╱', name: 'Strike out', press: pen.strike };
  const rub = { label: '⌫', name: 'Rub out', press: pen.rub };
  const onwards = { label: '↵', name: 'Go on', press: pen.onwards };
  const arrows: Key[] = [
    { label: '←', name: 'Left', press: () => pen.move('left') },
    { label: '↑', name: 'Up', press: () => pen.move('up') },
    { label: '↓', name: 'Down', press: () => pen.move('down') },
    { label: '→', name: 'Right', press: () => pen.move('right') },
  ];
  const block: Key[] = [
    ...['7', '8', '9'].map(digit),
    rub,
    ...['4', '5', '6'].map(digit),
    small,
    ...['1', '2', '3'].map(digit),
    strike,
    { ...digit('0'), wide: true },
    onwards,
    ...arrows,
  ];
  const rows: Key[] = [
    ...['1', '2', '3', '4', '5'].map(digit),
    rub,
    ...['6', '7', '8', '9', '0'].map(digit),
    small,
    ...arrows,
    strike,
    onwards,
  ];
  const keys = roomy ? block : rows;
  return (
    <div role="group" aria-label="Number pad" className="number-pad">
      {keys.map((key) => (
        <button
          key={key.name}
          type="button"
          className={key.wide ? 'button outlined wide' : 'button outlined'}
          aria-label={key.name}
          aria-pressed={key.name === 'Small figure' ? pen.small : undefined}
          onClick={key.press}
          // The pen stays on the paper while keys are pressed.
          onMouseDown={(event) => event.preventDefault()}
        >
          {key.label}
        </button>
      ))}
    </div>
  );
}
