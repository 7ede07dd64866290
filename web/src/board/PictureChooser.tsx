import { Trouble } from '../app/Trouble';
import type { Picture } from '../picture/usePictures';
import { BoardDialog } from './BoardDialog';
import { Choices } from './Choices';

type Props = {
  pictures: Picture[] | undefined;
  fault?: string;
  onChoose: (kind: string) => void;
  onClose: () => void;
};

/** The pictures for this problem; those that do not suit its numbers say why. */
export function PictureChooser({ pictures, fault, onChoose, onClose }: Props) {
  return (
    <BoardDialog name="Pictures" onClose={onClose}>
      <b>Beside the paper</b>
      <Trouble message={fault} />
      {pictures && (
        <Choices
          options={[
            ...pictures.map(({ id, label, whyNot }) => ({ id, label, because: whyNot })),
            { id: '', label: 'no picture' },
          ]}
          onChoose={onChoose}
          first
        />
      )}
    </BoardDialog>
  );
}
