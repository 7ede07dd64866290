import { useState } from 'react';
import { Trouble } from '../app/Trouble';
import { StepsPicture } from './StepsPicture';
import { usePupilSteps } from './useGlance';

/** A pupil's steps through the weeks. */
export function PupilSteps({ id, name }: { id: number; name: string }) {
  const [until, setUntil] = useState<string>();
  const steps = usePupilSteps(id, until);
  return (
    <>
      <Trouble message={steps.error?.message} />
      {steps.data && (
        <StepsPicture
          steps={steps.data}
          name={`${name}, week by week`}
          head={(line) => <b>{line.title}</b>}
          onUntil={setUntil}
        />
      )}
    </>
  );
}
