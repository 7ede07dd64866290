import type { Schemas } from '../api/client';
import { Tick } from '../app/Tick';
import { StyleChoices } from './StyleChoices';
import type { Writing } from './useWriting';

type Props = { writing: Writing; choices: Schemas['ChoiceView'][]; fromLog: boolean };

/** The ways of writing, kept in the house style or for this working only. */
export function WritingPanel({ writing, choices, fromLog }: Props) {
  return (
    <>
      {!fromLog && <Tick label="For this working only" checked={writing.apart} onChange={writing.setApart} />}
      <StyleChoices choices={choices} chosen={writing.chosen} onChoose={writing.choose} />
    </>
  );
}
