import type { Schemas } from '../api/client';
import { Trouble } from '../app/Trouble';
import { PicturePainter } from '../picture/PicturePainter';
import { usePictures } from '../picture/usePictures';

type Props = { work: Schemas['WorkRequest']; kind: string; step: number };

/** A picture of the working beside the paper, in step with it. */
export function BesidePicture({ work, kind, step }: Props) {
  const pictures = usePictures(work, true);
  const picture = pictures.data?.find((each) => each.id === kind);
  return picture ? (
    <PicturePainter picture={picture} step={step} />
  ) : (
    <Trouble message={pictures.error?.message} />
  );
}
