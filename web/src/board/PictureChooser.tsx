import { Box } from '@mui/material';
import { Trouble } from '../app/Trouble';
import type { Picture } from '../picture/usePictures';
import { BoardDialog } from './BoardDialog';
import { Choices } from './Choices';

type Props = {
  pictures: Picture[] | undefined;
  fault?: string;
  /** Whether none shows as long as a mistake is looked for. */
  hidden: boolean;
  onChoose: (kind: string) => void;
  onClose: () => void;
};

/** The pictures for this problem; those that do not suit its numbers say why. */
export function PictureChooser({ pictures, fault, hidden, onChoose, onClose }: Props) {
  return (
    <BoardDialog name="Pictures" onClose={onClose}>
      <b>Beside the paper</b>
      <Trouble message={fault} />
      {hidden && <Box sx={{ maxWidth: 260, mb: 1 }}>It shows once the place is ringed with r.</Box>}
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
