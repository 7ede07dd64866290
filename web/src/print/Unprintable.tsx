import { Trouble } from '../app/Trouble';

/** Which letters a print will have no signs for, said before it is printed. */
export function Unprintable({ letters }: { letters: string[] }) {
  return (
    <Trouble
      message={
        letters.length > 0
          ? `The printed letters do not have ${letters.join(' ')}: a ? is printed for each. Write them otherwise where that matters.`
          : undefined
      }
    />
  );
}
