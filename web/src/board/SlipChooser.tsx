import { Trouble } from '../app/Trouble';
import { BoardDialog } from './BoardDialog';
import { Choices } from './Choices';
import type { Mistake } from './useMistake';

/** The slips that can happen in this problem, and what looks odd and is right. */
export function SlipChooser({ mistake }: { mistake: Mistake }) {
  const { choice } = mistake;
  return (
    <BoardDialog name="A deliberate mistake" onClose={mistake.close}>
      <b>Write it with a mistake: somebody …</b>
      <Trouble message={mistake.error?.message} />
      {choice?.slips.length === 0 && <span>No slip changes the answer here. Take another problem.</span>}
      {choice && (
        <Choices
          options={choice.slips.map(({ id, label }) => ({ id, label: `… ${label}` }))}
          onChoose={mistake.chooseSlip}
          first
        />
      )}
      <b style={{ marginTop: 12 }}>Odd, but is it right? Somebody …</b>
      {choice && (
        <Choices
          options={choice.odd.map(({ label }, i) => ({ id: String(i), label: `… ${label}` }))}
          onChoose={(i) => mistake.chooseOdd(choice.odd[Number(i)]?.work ?? {})}
          first={choice.slips.length === 0}
        />
      )}
    </BoardDialog>
  );
}
