import { useGeometry } from './geometry';
import { Fresh, Mark, type SheetMark } from './mark';

type Props = { visible: SheetMark[]; fresh: SheetMark[] };

/** The marks that are on the paper, the fresh ones shown as such. */
export function Marks({ visible, fresh }: Props) {
  const geometry = useGeometry();
  if (!geometry) {
    return null;
  }
  // A wash lies under whatever is written, also where it came later.
  const washes = visible.filter((mark) => mark.kind === 'wash');
  const written = visible.filter((mark) => mark.kind !== 'wash');
  return (
    <>
      {[washes, written].map((marks, under) => (
        // Each by itself, so that a wash that goes moves no digit.
        <g key={under}>
          {marks.map((mark, i) => (
            <Mark key={i} mark={mark} geometry={geometry} fresh={fresh.includes(mark)} />
          ))}
        </g>
      ))}
      {fresh.filter(isResult).map((mark, i) => (
        <Fresh key={i} mark={mark} />
      ))}
    </>
  );
}

const results = ['written', 'wrong', 'follows'];
const isResult = (mark: SheetMark) =>
  mark.kind === 'digit' && results.includes(mark.role) && mark.size === 'full';
